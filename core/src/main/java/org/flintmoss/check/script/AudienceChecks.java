package org.flintmoss.check.script;

import java.util.function.Consumer;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Speaker;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Audience;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;

/** Findings about who is told something, and by whom. */
final class AudienceChecks implements ScriptWalk.Visitor {
  private final Mission mission;
  private final Ref ref;
  private final Event event;
  private final Consumer<Finding> found;

  private AudienceChecks(Mission mission, String id, Event event, Consumer<Finding> found) {
    this.mission = mission;
    ref = new Ref(Family.EVENTS, id);
    this.event = event;
    this.found = found;
  }

  static void look(Mission mission, String id, Event event, Consumer<Finding> found) {
    ScriptWalk.of(id, event, new AudienceChecks(mission, id, event, found));
  }

  @Override
  public void condition(String pointer, Condition condition) {
    // Conditions tell nobody anything.
  }

  @Override
  public void action(String pointer, Action action) {
    if (action instanceof Action.ForPlayers act
        && act.to() instanceof Audience.Only only
        && !players(only.who().whom())) {
      JsonNode everybody = Json.MAPPER.valueToTree(new Audience.Everybody());
      say(
          Rule.TOLD_TO_NOBODY,
          pointer + "/to",
          "nobody who plays is among those who are told or shown this.",
          Fix.of("Let it be for all players", pointer + "/to", everybody));
    }
    if (action instanceof Action.SayAs say
        && mission.conversations().get(say.conversation().id()) != null
        && voices(say.conversation()) > 1) {
      say(
          Rule.ONE_SAYS_ALL_LINES,
          pointer + "/who",
          "one alone says all lines of a conversation that is between several.",
          null);
    }
  }

  /** How many speakers a conversation has. */
  private long voices(Ref conversation) {
    return mission.conversations().get(conversation.id()).lines().values().stream()
        .map(line -> mission.find(line.speaker()))
        .filter(Speaker.class::isInstance)
        .distinct()
        .count();
  }

  /** Whether a player may be among some; an open reference is told by itself. */
  private boolean players(Selector.Whom whom) {
    return switch (Selector.base(whom)) {
      case Selector.OfSide of ->
          mission.find(of.side()) == null
              || mission.starts().values().stream()
                  .map(PlayerStart::side)
                  .anyMatch(of.side()::equals);
      case Selector.OfKind of ->
          mission.find(of.kind()) == null
              || mission.starts().values().stream()
                  .map(PlayerStart::kind)
                  .anyMatch(of.kind()::equals);
      case Selector.InSquad in -> mission.find(in.squad()) == null;
      case Selector.InBand in -> mission.find(in.band()) == null;
      case Selector.InWave in -> mission.find(in.wave()) == null;
      case Selector.OneUnit one -> mission.find(one.unit()) == null;
      default -> true;
    };
  }

  private void say(Rule rule, String at, String says, Fix fix) {
    found.accept(new Finding(rule, Page.SCRIPT, ref, at, event.name() + ": " + says, fix));
  }
}
