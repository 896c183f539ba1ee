package org.flintmoss.script;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.mission.script.Label;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.word.Terms;

/** Looks up whom selectors speak of, and how many it takes on some terms. */
public record CrowdFinder(ActorIndex actors, Terms terms) {
  /** Nobody's turn. */
  public static final int NO_TURN = -1;

  /**
   * The crowd; null where a reference is open, or where it is nobody's turn.
   *
   * @param turn the slot that keeps whose turn it is, or {@link #NO_TURN}
   */
  public Crowd crowd(Selector selector, int turn) {
    Selector.Whom whom = Selector.base(selector.whom());
    int[] members = members(whom);
    List<Sieve> sieves = sieves(selector.whom());
    int stands =
        switch (whom) {
          case Selector.Causer _ -> Crowd.CAUSER;
          case Selector.Other _ -> Crowd.OTHER;
          case Selector.ThisOne _ -> turn;
          default -> Crowd.MEMBERS;
        };
    boolean nobody = whom instanceof Selector.ThisOne && turn == NO_TURN;
    return members == null || sieves == null || nobody
        ? null
        : switch (selector.quantifier()) {
          case Selector.Any _ -> new Crowd(Crowd.Need.AT_LEAST, 1, members, stands, sieves);
          case Selector.All _ -> new Crowd(Crowd.Need.ALL, 0, members, stands, sieves);
          case Selector.None _ -> new Crowd(Crowd.Need.NONE, 0, members, stands, sieves);
          case Selector.AtLeast least ->
              new Crowd(
                  Crowd.Need.AT_LEAST,
                  least.count().at(terms, actors.mission().brief().pressure()),
                  members,
                  stands,
                  sieves);
          case Selector.Share share ->
              new Crowd(Crowd.Need.SHARE, share.percent().at(terms), members, stands, sieves);
        };
  }

  /** Where those have to stand who are meant, the outermost last; null for an open reference. */
  private List<Sieve> sieves(Selector.Whom whom) {
    return switch (whom) {
      case Selector.Inside inside -> {
        int zone = actors.index(inside.zone());
        yield with(inside.of(), zone < 0 ? null : new Sieve.Inside(zone));
      }
      case Selector.Within within -> {
        Spot spot = new PlaceFinder(actors).spot(within.place());
        yield with(
            within.of(), spot == null ? null : new Sieve.Within(within.distance().at(terms), spot));
      }
      case Selector.Nearest nearest -> first(nearest.of(), nearest.place(), true);
      case Selector.Farthest farthest -> first(farthest.of(), farthest.place(), false);
      default -> List.of();
    };
  }

  private List<Sieve> first(Selector.Whom of, Place place, boolean near) {
    Spot spot = new PlaceFinder(actors).spot(place);
    return with(of, spot == null ? null : new Sieve.First(spot, near));
  }

  private List<Sieve> with(Selector.Whom of, Sieve last) {
    List<Sieve> before = sieves(of);
    if (before == null || last == null) {
      return null;
    }
    List<Sieve> all = new ArrayList<>(before);
    all.add(last);
    return List.copyOf(all);
  }

  private int[] members(Selector.Whom whom) {
    return switch (whom) {
      case Selector.Players _ -> actors.players();
      case Selector.Anyone _ -> actors.everyone();
      case Selector.Causer _, Selector.Other _, Selector.ThisOne _ -> new int[0];
      case Selector.OfSide of ->
          actors.mission().find(of.side()) == null ? null : actors.ofSide(of.side());
      case Selector.OfKind of ->
          actors.mission().find(of.kind()) == null ? null : actors.ofKind(of.kind());
      case Selector.InSquad in ->
          actors.mission().find(in.squad()) == null ? null : actors.ofSquad(in.squad());
      case Selector.InBand in ->
          actors.mission().find(in.band()) == null ? null : actors.ofBand(in.band());
      case Selector.Labelled labelled ->
          actors.mission().find(labelled.label()) instanceof Label label ? bearers(label) : null;
      case Selector.InWave in ->
          actors.mission().find(in.wave()) instanceof Wave wave ? wave(in.wave().id(), wave) : null;
      case Selector.OneUnit one -> single(actors.member(one.unit()));
      case Selector.OneStart one -> single(actors.member(one.start()));
      case Selector.Inside _, Selector.Within _, Selector.Nearest _, Selector.Farthest _ ->
          throw new IllegalStateException("only whom it speaks of has members");
    };
  }

  /** Those who bear a label, or belong to what does. */
  private int[] bearers(Label label) {
    return label.things().values().stream()
        .flatMapToInt(
            thing ->
                switch (thing.family()) {
                  case UNITS, STARTS -> IntStream.of(actors.member(thing)).filter(it -> it >= 0);
                  case SQUADS -> Arrays.stream(actors.ofSquad(thing));
                  case BANDS -> Arrays.stream(actors.ofBand(thing));
                  case SIDES -> Arrays.stream(actors.ofSide(thing));
                  case KINDS -> Arrays.stream(actors.ofKind(thing));
                  case WAVES ->
                      actors.mission().find(thing) instanceof Wave wave
                          ? Arrays.stream(wave(thing.id(), wave))
                          : IntStream.empty();
                  default -> IntStream.empty();
                })
        .sorted()
        .distinct()
        .toArray();
  }

  private int[] wave(String id, Wave wave) {
    return wave.parties().keySet().stream()
        .flatMapToInt(
            party ->
                Roster.squads(actors.mission(), id, party).stream()
                    .flatMapToInt(squad -> Arrays.stream(actors.ofSquad(squad))))
        .sorted()
        .toArray();
  }

  private static int[] single(int member) {
    return member < 0 ? null : new int[] {member};
  }
}
