package org.flintmoss.trial;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Trades;
import org.flintmoss.simulation.script.ToldReadings;
import org.jspecify.annotations.Nullable;

/** What the player in a seat can trade. */
final class TradeFeed {
  private final World world;
  private final Mission mission;
  private final int seat;
  private final List<String> ids;

  TradeFeed(World world, int seat) {
    this.world = world;
    this.seat = seat;
    mission = world.plan().mission();
    ids = List.copyOf(mission.exchanges().keySet());
  }

  /** The exchange that the player has open now. */
  TrialMessage.Trading trading() {
    int number = world.told().trading(seat);
    if (number < 0) {
      return new TrialMessage.Trading(null);
    }
    Exchange exchange = mission.exchanges().get(ids.get(number));
    return new TrialMessage.Trading(
        new TrialMessage.OpenExchange(
            ids.get(number), exchange.name(), exchange.text(), rows(number)));
  }

  private List<TrialMessage.ShownRow> rows(int exchange) {
    List<TrialMessage.ShownRow> shown = new ArrayList<>();
    List<Trades.Offered> all = world.told().trades();
    for (int row = 0; row < all.size(); row++) {
      Trades.Offered it = all.get(row);
      ToldReadings.Tradable now = world.told().tradable(row, seat);
      boolean hidden = !now.able() && it.row().refusal().isBlank();
      if (it.exchange() == exchange && !hidden) {
        Integer left = now.left() < 0 ? null : now.left();
        shown.add(new TrialMessage.ShownRow(it.id(), gives(it), price(it), left, lacks(it, now)));
      }
    }
    return shown;
  }

  private @Nullable String lacks(Trades.Offered it, ToldReadings.Tradable now) {
    if (!now.able()) {
      return it.row().refusal();
    }
    if (now.left() == 0) {
      return "None left.";
    }
    if (!now.there()) {
      return "It is not there.";
    }
    return now.pays() ? null : "You cannot pay that.";
  }

  private String gives(Trades.Offered it) {
    return switch (it.row().gives()) {
      case Exchange.Items items -> many(it.given(), items.item());
      case Exchange.Count count -> many(it.given(), count.counter());
      case Exchange.People people -> name(people.who());
    };
  }

  private @Nullable String price(Trades.Offered it) {
    return switch (it.row().price()) {
      case Exchange.ForNothing _ -> null;
      case Exchange.ForItems items -> many(it.price(), items.item());
      case Exchange.ForCount count -> many(it.price(), count.counter());
    };
  }

  private String many(double count, Ref of) {
    String number = count == Math.floor(count) ? Long.toString((long) count) : "" + count;
    return count == 1 ? name(of) : number + " × " + name(of);
  }

  private String name(Ref ref) {
    Thing thing = mission.find(ref);
    return thing == null ? "something that is gone" : thing.name();
  }
}
