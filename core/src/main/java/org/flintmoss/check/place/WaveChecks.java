package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.script.WavePlan;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Pressure;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.Act;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.script.PlaceFinder;
import org.flintmoss.script.Roster;
import org.flintmoss.script.Spot;

/** Findings on waves: plans that are never started or empty, waves of nobody or with no place. */
final class WaveChecks {
  private final Mission mission;
  private final ActorIndex actors;
  private final Footing footing;
  private final Set<Integer> started = new HashSet<>();
  private final List<Finding> findings = new ArrayList<>();

  WaveChecks(Mission mission, ActorIndex actors, Footing footing, List<Act.Deed> deeds) {
    this.mission = mission;
    this.actors = actors;
    this.footing = footing;
    for (Act.Deed deed : deeds) {
      if (deed.action() instanceof Action.StartWaves start) {
        started.add(actors.index(start.wavePlan()));
      }
    }
  }

  List<Finding> findings() {
    mission.wavePlans().forEach(this::plan);
    Ordered.sort(mission.waves()).forEach(wave -> wave(wave.getKey(), wave.getValue()));
    tooMany();
    return findings;
  }

  private void find(Rule rule, Ref thing, String pointer, String says) {
    String at = "/" + thing.family().key() + "/" + thing.id() + pointer;
    findings.add(new Finding(rule, Page.SCRIPT, thing, at, says));
  }

  private void plan(String id, WavePlan plan) {
    Ref ref = new Ref(Family.WAVE_PLANS, id);
    if (!started.contains(actors.index(ref))) {
      find(
          Rule.WAVES_NEVER_START,
          ref,
          "",
          plan.name() + " is never started: no event starts its waves.");
    }
    if (mission.waves().values().stream().noneMatch(wave -> wave.wavePlan().equals(ref))) {
      find(Rule.WAVE_PLAN_WITHOUT_WAVES, ref, "", plan.name() + " has no waves yet.");
    }
  }

  private void wave(String id, Wave wave) {
    Ref ref = new Ref(Family.WAVES, id);
    if (wave.parties().isEmpty()) {
      find(Rule.EMPTY_WAVE, ref, "/parties", wave.name() + " is a wave of nobody: add who comes.");
    }
    int number = 0;
    for (Map.Entry<String, Wave.Party> entry : Ordered.sort(wave.parties())) {
      party(ref, "/parties/" + entry.getKey(), wave, entry.getValue(), ++number);
    }
  }

  private void party(Ref ref, String pointer, Wave wave, Wave.Party party, int number) {
    Pressure pressure = mission.brief().pressure();
    if (party.count().at(mission.termsOfAll(Difficulty.STORM), pressure) == 0) {
      find(
          Rule.PARTY_OF_NOBODY,
          ref,
          pointer + "/count",
          "Party %d of %s brings nobody, not even in a storm.".formatted(number, wave.name()));
    }
    switch (party.from()) {
      case Wave.At at -> stand(ref, pointer + "/from", wave, party, at.place());
      case Wave.ByPlan _ -> {
        if (mission.find(wave.wavePlan()) instanceof WavePlan plan) {
          entrances(ref, pointer, wave, party, plan);
        }
      }
    }
  }

  private void entrances(Ref ref, String pointer, Wave wave, Wave.Party party, WavePlan plan) {
    if (plan.entrances().isEmpty()) {
      find(
          Rule.WAVE_WITHOUT_ENTRANCE,
          ref,
          pointer + "/from",
          "%s has no place to come in: %s has no entrance yet."
              .formatted(wave.name(), plan.name()));
    }
    plan.entrances()
        .values()
        .forEach(entrance -> stand(ref, pointer + "/from", wave, party, entrance.place()));
  }

  /** A unit that comes in over a zone looks for a free place in it; anything else is a point. */
  private void stand(Ref ref, String pointer, Wave wave, Wave.Party party, Place place) {
    boolean point = !(place instanceof Place.AtZone);
    if (point
        && mission.find(party.kind()) instanceof Kind kind
        && new PlaceFinder(actors).spot(place) instanceof Spot.Fixed at) {
      Optional<String> why = footing.bad(kind, at.level(), at.x(), at.y());
      why.ifPresent(
          it ->
              find(
                  Rule.CANNOT_COME_IN,
                  ref,
                  pointer,
                  "A %s of %s cannot come in at an entrance: %s"
                      .formatted(kind.name().toLowerCase(java.util.Locale.ROOT), wave.name(), it)));
    }
  }

  private void tooMany() {
    Pressure pressure = mission.brief().pressure();
    long most = mission.units().size();
    for (Wave wave : mission.waves().values()) {
      for (Wave.Party party : wave.parties().values()) {
        most += party.count().at(mission.termsOfAll(Difficulty.STORM), pressure);
      }
    }
    if (most > Roster.MOST) {
      findings.add(
          new Finding(
              Rule.TOO_MANY_PEOPLE,
              Page.SCRIPT,
              null,
              "/waves",
              "In a storm there would be %,d people; those of the last waves beyond %,d stay away."
                  .formatted(most, Roster.MOST)));
    }
  }
}
