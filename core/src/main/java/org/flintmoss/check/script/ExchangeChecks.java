package org.flintmoss.check.script;

import java.util.Map;
import java.util.function.Consumer;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;

/** Findings on exchanges: what is never opened, gives nothing, or gives without end for nothing. */
final class ExchangeChecks {
  private final Mission mission;
  private final Consumer<Finding> found;

  ExchangeChecks(Mission mission, Consumer<Finding> found) {
    this.mission = mission;
    this.found = found;
  }

  void look() {
    mission.exchanges().forEach(this::exchange);
  }

  private void find(Rule rule, Ref thing, String pointer, String says) {
    String at = "/exchanges/" + thing.id() + pointer;
    found.accept(new Finding(rule, Page.SCRIPT, thing, at, says));
  }

  private void exchange(String id, Exchange exchange) {
    Ref ref = new Ref(Family.EXCHANGES, id);
    if (exchange.rows().isEmpty()) {
      find(Rule.EXCHANGE_WITHOUT_ROWS, ref, "/rows", exchange.name() + " gives nothing yet.");
    }
    boolean opened =
        mission.brief().opens(ref)
            || mission
                .effectsOfUses()
                .anyMatch(
                    it -> it instanceof Use.OpensExchange opens && opens.exchange().equals(ref));
    if (!opened) {
      find(
          Rule.EXCHANGE_NEVER_OPENED,
          ref,
          "",
          exchange.name()
              + " is never opened: let a use of a fixture or a dealing open it, or the briefing.");
    }
    int number = 0;
    for (Map.Entry<String, Exchange.Row> row : Ordered.sort(exchange.rows())) {
      row(ref, exchange.name() + ", row " + ++number, "/rows/" + row.getKey(), row.getValue());
    }
  }

  private void row(Ref ref, String name, String pointer, Exchange.Row row) {
    if (row.price() instanceof Exchange.ForNothing && row.stock() == 0) {
      find(
          Rule.GIVES_WITHOUT_END_FOR_NOTHING,
          ref,
          pointer + "/price",
          name + ": it is given for nothing, any number of times. Set a price, or how often.");
    }
    if (row.gives() instanceof Exchange.People people
        && mission.find(people.who()) instanceof Unit unit
        && unit.inPlay()) {
      find(
          Rule.HELP_IS_THERE_ALREADY,
          ref,
          pointer + "/gives",
          name + ": " + unit.name() + " is in play from the start. Let them come later.");
    }
    ScriptWalk.conditions(
        row.when(),
        plain -> {
          if (plain instanceof Happening) {
            find(
                Rule.ROW_ASKS_WHAT_HAPPENS,
                ref,
                pointer + "/when",
                name + " can never be taken: it asks what happens; say it as a state.");
          }
        });
  }
}
