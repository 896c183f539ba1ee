package org.flintmoss.script;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.script.WavePlan;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Pressure;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Scaled;
import org.flintmoss.mission.word.Terms;

/** Compiles wave plans; their entrances are added to the other arrivals. */
final class WaveCompiler {
  private final ActorIndex actors;
  private final PlaceFinder places;
  private final Terms terms;
  private final List<Arrival> arrivals;

  WaveCompiler(ActorIndex actors, Terms terms, List<Arrival> arrivals) {
    this.actors = actors;
    this.terms = terms;
    this.arrivals = arrivals;
    places = new PlaceFinder(actors);
  }

  /** The plans, by their number. */
  List<WaveScript> plans() {
    return actors.mission().wavePlans().entrySet().stream()
        .map(plan -> plan(new Ref(Family.WAVE_PLANS, plan.getKey()), plan.getValue()))
        .toList();
  }

  private WaveScript plan(Ref ref, WavePlan plan) {
    int[] entrances =
        Ordered.sort(plan.entrances()).stream()
            .map(entrance -> places.arrival(entrance.getValue().place()))
            .filter(Objects::nonNull)
            .mapToInt(this::number)
            .toArray();
    int cap =
        switch (plan.cap()) {
          case WavePlan.Uncapped _ -> WaveScript.UNCAPPED;
          case WavePlan.AtMost most -> Math.max(1, count(most.count()));
        };
    List<WaveScript.Wave> waves =
        Ordered.sort(actors.mission().waves()).stream()
            .filter(wave -> wave.getValue().wavePlan().equals(ref))
            .map(this::wave)
            .toList();
    return new WaveScript(entrances, plan.placing() == WavePlan.Placing.AT_RANDOM, cap, waves);
  }

  private WaveScript.Wave wave(Map.Entry<String, Wave> entry) {
    Wave wave = entry.getValue();
    int number = actors.index(new Ref(Family.WAVES, entry.getKey()));
    List<WaveScript.Party> parties =
        Ordered.sort(wave.parties()).stream()
            .map(
                party ->
                    party(
                        Roster.squads(actors.mission(), entry.getKey(), party.getKey()),
                        party.getValue()))
            .toList();
    int said = -1;
    int ahead = 0;
    if (wave.herald() instanceof Wave.Announced announced) {
      said = actors.index(announced.conversation());
      ahead = steps(announced.ahead());
    }
    int[] everybody =
        parties.stream()
            .flatMap(party -> party.turns().stream())
            .flatMapToInt(Arrays::stream)
            .toArray();
    Wave.Comes comes = wave.comes();
    return new WaveScript.Wave(
        number, gap(comes), left(comes), latest(comes), said, ahead, parties, everybody);
  }

  private int gap(Wave.Comes comes) {
    return switch (comes) {
      case Wave.AfterLast after -> steps(after.gap());
      case Wave.WhenLeft when -> steps(when.gap());
      case Wave.WhenLeftOrAfter when -> steps(when.gap());
    };
  }

  private int left(Wave.Comes comes) {
    return switch (comes) {
      case Wave.AfterLast _ -> -1;
      case Wave.WhenLeft when -> count(when.left());
      case Wave.WhenLeftOrAfter when -> count(when.left());
    };
  }

  private int latest(Wave.Comes comes) {
    return comes instanceof Wave.WhenLeftOrAfter when ? steps(when.latest()) : -1;
  }

  private WaveScript.Party party(List<Ref> squads, Wave.Party party) {
    int arrival =
        switch (party.from()) {
          case Wave.ByPlan _ -> WaveScript.Party.BY_PLAN;
          case Wave.At at -> at(at.place());
        };
    return new WaveScript.Party(
        squads.stream().map(actors::ofSquad).toList(),
        squads.stream().mapToInt(actors::index).toArray(),
        arrival);
  }

  private int at(Place place) {
    Arrival arrival = places.arrival(place);
    return arrival == null ? WaveScript.Party.NOWHERE : number(arrival);
  }

  private int number(Arrival arrival) {
    arrivals.add(arrival);
    return arrivals.size() - 1;
  }

  private int count(Scaled count) {
    Pressure pressure = actors.mission().brief().pressure();
    return count.at(terms, pressure);
  }

  private int steps(Pinned time) {
    double seconds = time.at(terms);
    return seconds == 0 ? 0 : Script.steps(seconds);
  }
}
