package org.flintmoss.simulation;

import org.flintmoss.mission.Level;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Errand;
import org.flintmoss.script.Track;
import org.flintmoss.terrain.Decks;

/**
 * What a unit does while nothing else is the matter: its own errand, or its squad's. How far an
 * errand has come is kept with whoever was ordered, so that a squad goes on where it was when
 * another takes the lead.
 */
final class Duties {
  private static final org.flintmoss.mission.Squad.Formation PAIRS =
      org.flintmoss.mission.Squad.Formation.PAIRS;

  /** Metres between escorts. */
  private static final double ESCORTS = 3.6;

  /** Who is slower rests, metres a second. */
  private static final double RESTS = 0.1;

  /** Farther than this from their place, followers run, metres. */
  private static final double BEHIND = 7;

  /** How often a follower looks whether there is room for its place, steps. */
  private static final int LOOKS = 10;

  /** Nearer than this, they let be, metres. */
  private static final double CLOSE = 2;

  private final World world;
  private final Plan plan;
  private final State state;
  private final Paths paths;
  private final Tasks tasks;
  private final FormationPlace place = new FormationPlace();
  private int rank;
  private int followers;

  Duties(World world, Paths paths) {
    this.world = world;
    this.paths = paths;
    tasks = new Tasks(world);
    plan = world.plan;
    state = world.state;
  }

  void perform(int unit, int now) {
    if (state.sent.at[unit] == 1) {
      int deck = state.sentDeck.at[unit];
      paths.goTo(unit, deck, state.sentX.at[unit], state.sentY.at[unit], now);
      return;
    }
    Errand own = plan.errand(state.errand.at[unit]);
    int squad = plan.squadOf(unit);
    if (own instanceof Errand.AsSquad && squad >= 0) {
      asSquad(unit, squad, now);
    } else {
      perform(own, unit, unit, now);
    }
  }

  private void asSquad(int unit, int squad, int now) {
    int ordered = plan.units() + squad;
    Errand shared = plan.errand(state.errand.at[ordered]);
    int leader = state.leader.at[squad];
    boolean apart = shared instanceof Errand.Stay || shared instanceof Errand.FallBack;
    if (leader == unit || apart) {
      perform(shared, unit, ordered, now);
    } else {
      org.flintmoss.mission.Squad of = plan.squad(squad).of();
      rank(unit, leader, plan.squad(squad).members());
      place.in(of.formation(), of.spacing(), rank, followers);
      if (Math.floorMod(plan.key(unit) + now, LOOKS) == 0) {
        state.file.at[unit] = roomFor(unit, leader) ? 0 : 1;
      }
      if (state.file.at[unit] == 1) {
        inFile(unit, leader, plan.squad(squad), now);
      } else {
        follow(unit, leader, now);
      }
    }
  }

  /**
   * Whether there is room to march in formation: straight between the leader and the place by them,
   * and for those who go in file also straight to that place.
   */
  private boolean roomFor(int unit, int leader) {
    if (state.speed.at[leader] < RESTS || Flights.flies(plan, unit)) {
      return true;
    }
    boolean filed = state.file.at[unit] == 1;
    return straight(unit, leader, leader) && (!filed || straight(unit, unit, leader));
  }

  private boolean straight(int unit, int from, int leader) {
    double x = state.x.at[from];
    double y = state.y.at[from];
    int deck = state.deck.at[from];
    return world.walkMap(unit).straight(deck, x, y, placeX(leader), placeY(leader)) != Decks.ANY;
  }

  /**
   * Goes after whoever is next nearer to the leader, as through a door; who has an order of their
   * own is not gone after.
   */
  private void inFile(int unit, int leader, Plan.Squad squad, int now) {
    int ahead = leader;
    double own = toLeader(unit, leader);
    double most = 0;
    for (int member : squad.members()) {
      double there = toLeader(member, leader);
      boolean nearer = there < own || (there == own && member < unit);
      boolean marches = plan.errand(state.errand.at[member]) instanceof Errand.AsSquad;
      if (member != leader && marches && state.up(member) && nearer && there > most) {
        ahead = member;
        most = there;
      }
    }
    double far = world.distance(unit, state.x.at[ahead], state.y.at[ahead]);
    if (far <= squad.of().spacing()) {
      paths.stop(unit);
      return;
    }
    state.pace.at[unit] = far > BEHIND ? Double.POSITIVE_INFINITY : state.speed.at[ahead] * 1.1;
    paths.keepTo(unit, ahead, 1, now);
  }

  private double toLeader(int unit, int leader) {
    return world.distance(unit, state.x.at[leader], state.y.at[leader]);
  }

  /** Finds the place of a follower in the squad's order of march, from 0, and how many follow. */
  private void rank(int unit, int leader, int[] members) {
    rank = 0;
    followers = 0;
    for (int member : members) {
      int counts = member != leader && state.up(member) ? 1 : 0;
      rank += member < unit ? counts : 0;
      followers += counts;
    }
  }

  private void perform(Errand errand, int unit, int ordered, int now) {
    switch (errand) {
      case Errand.Stay _ -> stayHome(unit, now);
      case Errand.AsSquad _ -> stayHome(unit, now);
      case Errand.Guard guard ->
          stand(
              unit,
              asked(guard.level(), guard.x(), guard.y()),
              guard.x(),
              guard.y(),
              guard.facing(),
              now);
      case Errand.Prowl prowl -> prowl(unit, ordered, prowl, now);
      case Errand.Along along -> along(unit, ordered, along.track(), now);
      case Errand.Escort escort -> escort(unit, escort.who(), now);
      case Errand.Attack attack -> attack(unit, attack.who(), now);
      case Errand.FallBack _ -> stayHome(unit, now);
    }
  }

  private void stayHome(int unit, int now) {
    double facing = state.homeFacing.at[unit];
    stand(unit, state.homeDeck.at[unit], state.homeX.at[unit], state.homeY.at[unit], facing, now);
  }

  private int asked(Level level, double x, double y) {
    return plan.decks().asked(level, x, y);
  }

  private void stand(int unit, int deck, double x, double y, double facing, int now) {
    if (paths.goTo(unit, deck, x, y, now)) {
      face(unit, facing);
    }
  }

  private void face(int unit, double bearing) {
    state.facing.at[unit] = Bearings.toward(state.facing.at[unit], bearing, 180 * Plan.STEP);
  }

  private void prowl(int unit, int ordered, Errand.Prowl prowl, int now) {
    if (state.lingers.at[ordered] == 0) {
      linger(unit, ordered, prowl.pause(), now);
    }
    if (now < state.lingerUntil.at[ordered]) {
      return;
    }
    boolean back = state.leg.at[ordered] % 2 == 1;
    double x = back ? state.homeX.at[unit] : world.spotX(prowl.to());
    double y = back ? state.homeY.at[unit] : world.spotY(prowl.to());
    int deck = back ? state.homeDeck.at[unit] : world.spotDeck(prowl.to());
    if (paths.goTo(unit, deck, x, y, now)) {
      state.leg.at[ordered]++;
      linger(unit, ordered, prowl.pause(), now);
    }
  }

  private void linger(int unit, int ordered, double pause, int now) {
    int ordinal = state.lingers.at[ordered]++;
    double roll = Chance.roll(world.seed, Chance.Purpose.LINGER, plan.key(unit), ordinal);
    double seconds = pause * (0.5 + roll);
    state.lingerUntil.at[ordered] = now + (int) Math.floor(seconds * Plan.STEPS_PER_SECOND);
  }

  private void along(int unit, int ordered, Track track, int now) {
    if (!track.open().to(plan.side(unit))) {
      stayHome(unit, now);
      return;
    }
    int at = state.waypoint.at[ordered];
    double x = track.x()[at];
    double y = track.y()[at];
    int deck = track.height()[at] < 0 ? Decks.ANY : plan.decks().nearest(x, y, track.height()[at]);
    state.pace.at[unit] = track.speed()[at];
    state.rises.at[unit] = track.height()[at];
    if (!paths.goTo(unit, deck, x, y, now)) {
      return;
    }
    if (state.lingerUntil.at[ordered] == 0) {
      world.log(Causes.Kind.REACHED, unit, state.leg.at[ordered], -1);
      world.events().touch(plan.facts().of(Wake.WAYPOINTS), unit);
      int wait = track.waits()[at];
      int takes = Math.max(wait, tasks.begin(unit, track, at, now));
      state.lingerUntil.at[ordered] = wait == Track.LET_GO ? Integer.MAX_VALUE : now + takes;
    }
    tasks.goOn(unit, track.tasks()[at]);
    boolean letGo = state.letGo.at[ordered] == 1 && track.waits()[at] != 0;
    if (letGo || now >= state.lingerUntil.at[ordered]) {
      goOn(ordered, track, at, letGo);
    }
  }

  private void goOn(int ordered, Track track, int at, boolean letGo) {
    int leg = state.leg.at[ordered];
    double roll = Chance.roll(world.seed, Chance.Purpose.FORK, plan.orderedKey(ordered), leg);
    int next = track.next(at, state.homeward.at[ordered] == 1, roll);
    if (next == Track.END) {
      return;
    }
    state.homeward.at[ordered] = next < 0 ? 1 : 0;
    state.waypoint.at[ordered] = next < 0 ? ~next : next;
    state.leg.at[ordered]++;
    state.lingerUntil.at[ordered] = 0;
    state.letGo.at[ordered] = letGo ? 0 : state.letGo.at[ordered];
  }

  private void escort(int unit, Crowd who, int now) {
    int nearest = nearest(unit, who, true);
    if (nearest >= 0) {
      place.in(PAIRS, ESCORTS, rankOfEscort(unit), 0);
      follow(unit, nearest, now);
    } else {
      stayHome(unit, now);
    }
  }

  /** The place of an escort among those with the same errand, from 0. */
  private int rankOfEscort(int unit) {
    int rank = 0;
    for (int other = 0; other < unit; other++) {
      rank += state.up(other) && state.errand.at[other] == state.errand.at[unit] ? 1 : 0;
    }
    return rank;
  }

  private void attack(int unit, Crowd who, int now) {
    int nearest = nearest(unit, who, false);
    if (nearest >= 0) {
      state.pace.at[unit] = Double.POSITIVE_INFINITY;
      paths.keepTo(unit, nearest, 2, now);
    } else {
      stayHome(unit, now);
    }
  }

  /**
   * The nearest of a crowd who is up; of players' units, if asked, only those in a player's hand.
   */
  private int nearest(int unit, Crowd who, boolean inHand) {
    int nearest = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int other : who.members()) {
      double far = world.distance(unit, state.x.at[other], state.y.at[other]);
      boolean counts = !inHand || !plan.player(other) || state.seated(other);
      boolean meant = counts && world.sieves().pass(who, other);
      if (other != unit && meant && state.up(other) && far < least) {
        nearest = other;
        least = far;
      }
    }
    return nearest;
  }

  private double placeX(int other) {
    double facing = state.facing.at[other];
    return state.x.at[other]
        - place.back * Bearings.east(facing)
        + place.aside * Bearings.north(facing);
  }

  private double placeY(int other) {
    double facing = state.facing.at[other];
    return state.y.at[other]
        - place.back * Bearings.north(facing)
        - place.aside * Bearings.east(facing);
  }

  /** Keeps to its place by somebody. */
  private void follow(int unit, int other, int now) {
    double x = placeX(other);
    double y = placeY(other);
    double far = world.distance(unit, x, y);
    boolean rests = state.speed.at[other] < RESTS;
    if (far <= CLOSE && rests) {
      paths.stop(unit);
      face(unit, state.facing.at[other]);
    } else {
      state.pace.at[unit] = far > BEHIND ? Double.POSITIVE_INFINITY : state.speed.at[other] * 1.1;
      paths.keepTo(unit, state.deck.at[other], x, y, 1.5, now);
    }
  }
}
