package org.flintmoss.script;

import java.util.Arrays;
import org.flintmoss.mission.Difficulty;
import org.flintmoss.mission.Family;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Selector;
import org.flintmoss.mission.Wave;

/** Looks up whom selectors speak of, and how many it takes at a difficulty. */
public record CrowdFinder(Cast cast, Difficulty difficulty) {
  /** Nobody's turn. */
  public static final int NO_TURN = -1;

  /**
   * The crowd; null where a reference is open, or where it is nobody's turn.
   *
   * @param turn the slot that keeps whose turn it is, or {@link #NO_TURN}
   */
  public Crowd crowd(Selector selector, int turn) {
    int[] members = members(selector.whom());
    int stands =
        switch (selector.whom()) {
          case Selector.Causer _ -> Crowd.CAUSER;
          case Selector.Other _ -> Crowd.OTHER;
          case Selector.ThisOne _ -> turn;
          default -> Crowd.MEMBERS;
        };
    boolean nobody = selector.whom() instanceof Selector.ThisOne && turn == NO_TURN;
    return members == null || nobody
        ? null
        : switch (selector.quantifier()) {
          case Selector.Any _ -> new Crowd(Crowd.Need.AT_LEAST, 1, members, stands);
          case Selector.All _ -> new Crowd(Crowd.Need.ALL, 0, members, stands);
          case Selector.None _ -> new Crowd(Crowd.Need.NONE, 0, members, stands);
          case Selector.AtLeast least ->
              new Crowd(
                  Crowd.Need.AT_LEAST,
                  least.count().at(difficulty, cast.mission().brief().pressure()),
                  members,
                  stands);
          case Selector.Share share ->
              new Crowd(Crowd.Need.SHARE, share.percent(), members, stands);
        };
  }

  private int[] members(Selector.Whom whom) {
    return switch (whom) {
      case Selector.Players _ -> cast.players();
      case Selector.Anyone _ -> cast.everyone();
      case Selector.Causer _, Selector.Other _, Selector.ThisOne _ -> new int[0];
      case Selector.OfSide of ->
          cast.mission().find(of.side()) == null ? null : cast.ofSide(of.side());
      case Selector.OfKind of ->
          cast.mission().find(of.kind()) == null ? null : cast.ofKind(of.kind());
      case Selector.InSquad in ->
          cast.mission().find(in.squad()) == null ? null : cast.ofSquad(in.squad());
      case Selector.InBand in ->
          cast.mission().find(in.band()) == null ? null : cast.ofBand(in.band());
      case Selector.InWave in ->
          cast.mission().find(in.wave()) instanceof Wave wave ? wave(in.wave().id(), wave) : null;
      case Selector.OneUnit one -> single(cast.member(one.unit()));
      case Selector.OneStart one -> single(cast.member(one.start()));
    };
  }

  private int[] wave(String id, Wave wave) {
    return wave.parties().keySet().stream()
        .flatMapToInt(
            party -> Arrays.stream(cast.ofSquad(new Ref(Family.SQUADS, Muster.squad(id, party)))))
        .sorted()
        .toArray();
  }

  private static int[] single(int member) {
    return member < 0 ? null : new int[] {member};
  }
}
