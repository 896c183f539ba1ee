package org.flintmoss.simulation.players;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.script.Brief;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;

/**
 * What players take at exchanges, and what is left there. The rows of all exchanges are numbered
 * together: exchange by exchange, in the order of their rows.
 */
public final class Trades {
  /**
   * A row, looked up.
   *
   * @param id of the row within its exchange
   * @param gives the item kind or counter that it gives; -1 for people, and for what is gone
   * @param given how much of it
   * @param people the units that it brings in
   * @param paid the item kind or counter that is paid; -1 for nothing, and for what is gone
   * @param price how much of it
   */
  public record Offered(
      String id,
      int exchange,
      Exchange.Row row,
      int gives,
      double given,
      int[] people,
      int paid,
      double price) {}

  private final PlayerContext context;
  private final Plan plan;
  private final List<Offered> rows = new ArrayList<>();

  /** How often each row was taken. */
  private final Column.Ints taken;

  /** The seats, a bit each, for which what each row asks for holds. */
  private final Column.Ints able;

  Trades(PlayerContext context) {
    this.context = context;
    plan = context.plan;
    int exchange = 0;
    for (Exchange it : plan.mission().exchanges().values()) {
      for (Map.Entry<String, Exchange.Row> row : Ordered.sort(it.rows())) {
        rows.add(looked(row.getKey(), exchange, row.getValue()));
      }
      exchange++;
    }
    taken = context.state.ints("tradesTaken", rows.size());
    able = context.state.ints("tradesAble", rows.size());
  }

  /**
   * Opens the exchange of the briefing to all players, where they stand. Players are set down where
   * they begin before this, for an exchange closes as soon as they are away from where it opened.
   */
  public void begin() {
    if (plan.mission().brief().opens() instanceof Brief.OpensExchange opens) {
      for (int seat = 0; seat < plan.seats(); seat++) {
        context.trading.open(plan.seat(seat), index(opens.exchange()));
      }
    }
  }

  private int index(Ref ref) {
    return plan.actors().index(ref);
  }

  private Offered looked(String id, int exchange, Exchange.Row row) {
    Ref gives =
        switch (row.gives()) {
          case Exchange.Items items -> items.item();
          case Exchange.Count count -> count.counter();
          case Exchange.People people -> people.who();
        };
    double given =
        switch (row.gives()) {
          case Exchange.Items items -> items.count().at(plan.terms());
          case Exchange.Count count -> count.count().at(plan.terms());
          case Exchange.People _ -> 0;
        };
    boolean people = row.gives() instanceof Exchange.People;
    return new Offered(
        id,
        exchange,
        row,
        people ? -1 : index(gives),
        given,
        people ? people(gives) : new int[0],
        switch (row.price()) {
          case Exchange.ForNothing _ -> -1;
          case Exchange.ForItems items -> index(items.item());
          case Exchange.ForCount count -> index(count.counter());
        },
        switch (row.price()) {
          case Exchange.ForNothing _ -> 0;
          case Exchange.ForItems items -> items.count().at(plan.terms());
          case Exchange.ForCount count -> count.count().at(plan.terms());
        });
  }

  private int[] people(Ref who) {
    if (who.family() == Family.SQUADS) {
      return plan.actors().ofSquad(who);
    }
    int member = plan.actors().member(who);
    return member < 0 ? new int[0] : new int[] {member};
  }

  /** The rows of all exchanges. */
  public List<Offered> rows() {
    return rows;
  }

  /** Notes for which seats what a row asks for holds. */
  public void give(int row, int seats) {
    able.at[row] = seats;
  }

  /** Whether what a row asks for holds for a seat. */
  public boolean able(int row, int seat) {
    return Screens.has(able.at[row], seat);
  }

  /** How often a row can still be taken; -1 for without limit. */
  public int left(int row) {
    int stock = rows.get(row).row().stock();
    return stock == 0 ? -1 : stock - taken.at[row];
  }

  /** Whether a unit can pay for a row. */
  public boolean pays(int row, int unit) {
    Offered it = rows.get(row);
    return switch (it.row().price()) {
      case Exchange.ForNothing _ -> true;
      case Exchange.ForItems _ ->
          it.paid() >= 0 && context.packs.count(unit, it.paid()) >= it.price();
      case Exchange.ForCount _ ->
          it.paid() >= 0 && context.scriptFacts.counter(it.paid()) >= it.price();
    };
  }

  /** Whether what a row gives is there. */
  public boolean there(int row) {
    Offered it = rows.get(row);
    return it.row().gives() instanceof Exchange.People ? comers(it) > 0 : it.gives() >= 0;
  }

  private int comers(Offered it) {
    int many = 0;
    for (int unit : it.people()) {
      many += absent(unit) ? 1 : 0;
    }
    return many;
  }

  /** Whether somebody can be brought in. */
  private boolean absent(int unit) {
    return !context.vitals.inPlay(unit)
        && !context.vitals.dead(unit)
        && context.spawner.place(unit) == 0
        && !plan.comesByWave(unit)
        && !context.vacant.get(unit);
  }

  /** A player takes what a row of the exchange gives that they have open, by its id. */
  void take(String id, int seat) {
    int unit = plan.seat(seat);
    int exchange = context.trading.exchange(unit);
    for (int row = 0; exchange >= 0 && row < rows.size(); row++) {
      Offered it = rows.get(row);
      boolean meant = it.exchange() == exchange && it.id().equals(id);
      if (meant && able(row, seat) && left(row) != 0 && there(row) && pays(row, unit)) {
        take(row, it, unit);
      }
    }
  }

  private void take(int row, Offered it, int unit) {
    taken.at[row]++;
    int entry = context.log(Causes.Kind.TRADED, unit, it.exchange(), -1, row);
    switch (it.row().price()) {
      case Exchange.ForNothing _ -> {}
      case Exchange.ForItems _ -> context.packs.remove(unit, it.paid(), (int) it.price());
      case Exchange.ForCount _ -> count(it.paid(), -it.price(), entry, unit);
    }
    switch (it.row().gives()) {
      case Exchange.Items _ -> context.packs.put(unit, it.gives(), (int) it.given());
      case Exchange.Count _ -> count(it.gives(), it.given(), entry, unit);
      case Exchange.People _ -> {
        for (int comer : it.people()) {
          if (absent(comer)) {
            context.spawner.await(comer, plan.script().beside(unit));
          }
        }
      }
    }
  }

  private void count(int counter, double by, int entry, int unit) {
    double to = context.scriptFacts.counter(counter) + by;
    context.scriptFacts.count(counter, to, entry, unit);
  }
}
