package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Breaks;
import org.flintmoss.mission.catalogue.Dealing;
import org.flintmoss.mission.catalogue.Drop;
import org.flintmoss.mission.catalogue.Hold;
import org.flintmoss.mission.catalogue.ItemKind;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Hand;
import org.flintmoss.mission.ground.Item;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.Act;

/** Findings on items: those nobody can carry or get at, and those that are asked for in vain. */
final class Belongings {
  /** How far beside an item somebody may stand and still take it up, metres. */
  private static final double BESIDE = 1.5;

  private final Mission mission;
  private final Footing footing;
  private final List<Finding> findings = new ArrayList<>();
  private final Set<Ref> had = new HashSet<>();

  Belongings(Mission mission, Footing footing, List<Act.Deed> deeds) {
    this.mission = mission;
    this.footing = footing;
    mission.items().values().forEach(item -> had.add(item.kind()));
    Stream.concat(mission.units().values().stream(), mission.starts().values().stream())
        .flatMap(standing -> standing.pack().values().stream())
        .forEach(packed -> had.add(packed.item()));
    Stream.concat(
            mission.fixtures().values().stream()
                .flatMap(fixture -> mission.usesOf(fixture).values().stream())
                .map(Use::gives),
            mission.dealings().values().stream().map(Dealing::gives))
        .forEach(
            gives -> {
              if (gives instanceof Use.Items items) {
                had.add(items.item());
              }
            });
    mission.exchanges().values().stream()
        .flatMap(it -> it.rows().values().stream())
        .forEach(
            row -> {
              if (row.gives() instanceof Exchange.Items items) {
                had.add(items.item());
              }
            });
    mission.thingKinds().values().forEach(this::drops);
    mission.props().values().forEach(it -> it.drops().values().forEach(this::drop));
    mission.fixtures().values().forEach(it -> it.drops().values().forEach(this::drop));
    for (Act.Deed deed : deeds) {
      switch (deed.action()) {
        case Action.Give give -> had.add(give.itemKind());
        case Action.LayDown lay -> had.add(lay.itemKind());
        default -> {}
      }
    }
  }

  private void drops(ThingKind kind) {
    if (kind.breaks() instanceof Breaks.WhenHarmed breaks) {
      breaks.drops().values().forEach(this::drop);
    }
  }

  private void drop(Drop drop) {
    had.add(drop.item());
  }

  List<Finding> findings() {
    mission.itemKinds().forEach(this::mass);
    mission.itemKinds().forEach(this::setDown);
    mission.items().forEach(this::reach);
    mission.fixtures().forEach(this::uses);
    mission
        .dealings()
        .forEach(
            (id, it) -> {
              Ref ref = new Ref(Family.DEALINGS, id);
              asks(it.needs(), it.name(), ref, "/dealings/" + id + "/needs");
            });
    mission.gates().forEach(this::hand);
    return findings;
  }

  /** Only loose things can be set down out of a pack. */
  private void setDown(String id, ItemKind item) {
    if (item.use() instanceof ItemKind.SetsDown sets
        && mission.find(sets.thingKind()) instanceof ThingKind kind
        && !(kind.hold() instanceof Hold.Loose)) {
      findings.add(
          new Finding(
              Rule.SETS_DOWN_WHAT_STAYS,
              Page.CATALOGUE,
              new Ref(Family.ITEM_KINDS, id),
              "/itemKinds/" + id + "/use",
              "%s sets down nothing: %s stays where it is. Make that loose, or choose another."
                  .formatted(item.name(), kind.name())));
    }
  }

  private void mass(String id, ItemKind kind) {
    double most =
        mission.kinds().values().stream()
            .filter(Kind::hands)
            .mapToDouble(Kind::load)
            .max()
            .orElse(0);
    if (kind.mass() > most) {
      findings.add(
          new Finding(
              Rule.NOBODY_CARRIES_IT,
              Page.CATALOGUE,
              new Ref(Family.ITEM_KINDS, id),
              "/itemKinds/" + id + "/mass",
              "Nobody can carry %s: it weighs %s kg, and nobody in the catalogue carries more than %s kg."
                  .formatted(kind.name(), plain(kind.mass()), plain(most))));
    }
  }

  private static String plain(double number) {
    return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
  }

  private void reach(String id, Item item) {
    boolean reached =
        mission.kinds().values().stream()
            .filter(Kind::hands)
            .anyMatch(
                kind ->
                    stands(kind, item, 0, 0)
                        || stands(kind, item, BESIDE, 0)
                        || stands(kind, item, -BESIDE, 0)
                        || stands(kind, item, 0, BESIDE)
                        || stands(kind, item, 0, -BESIDE));
    if (!reached) {
      findings.add(
          new Finding(
              Rule.ITEM_OUT_OF_REACH,
              Page.GROUND,
              new Ref(Family.ITEMS, id),
              "/items/" + id + "/position",
              item.name() + " lies where nobody can stand to take it up."));
    }
  }

  private void uses(String id, Fixture fixture) {
    for (Map.Entry<String, Use> use : mission.usesOf(fixture).entrySet()) {
      boolean own = fixture.uses().containsKey(use.getKey());
      String at = "/fixtures/" + id + (own ? "/uses/" + use.getKey() + "/needs" : "/kind");
      asks(use.getValue().needs(), fixture.name(), new Ref(Family.FIXTURES, id), at);
    }
  }

  private void hand(String id, Gate gate) {
    if (gate.hand() instanceof Hand.Opened hand) {
      asks(hand.needs(), gate.name(), new Ref(Family.GATES, id), "/gates/" + id + "/hand/needs");
    }
  }

  private void asks(Use.Need need, String name, Ref ref, String at) {
    Ref needed =
        switch (need) {
          case Use.BareHands _ -> null;
          case Use.Holding holding -> holding.item();
          case Use.Spending spending -> spending.item();
        };
    if (needed != null && mission.find(needed) instanceof ItemKind kind && !had.contains(needed)) {
      findings.add(
          new Finding(
              Rule.NEEDED_ITEM_IS_NOWHERE,
              Page.GROUND,
              ref,
              at,
              "%s asks for %s, which nobody has, lies nowhere and is given by nothing."
                  .formatted(name, kind.name())));
    }
  }

  private boolean stands(Kind kind, Item item, double east, double north) {
    Position at = item.position();
    return footing.bad(kind, item.level(), at.x() + east, at.y() + north).isEmpty();
  }
}
