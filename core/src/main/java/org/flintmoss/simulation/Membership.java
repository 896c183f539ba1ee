package org.flintmoss.simulation;

/** Phase 8: who has entered and left which zone. The dead are inside nothing. */
final class Membership {
  private final World world;
  private final Plan plan;
  private final State state;

  Membership(World world) {
    this.world = world;
    plan = world.plan;
    state = world.state;
  }

  void update() {
    for (int zone = 0; zone < plan.zones(); zone++) {
      for (int unit = 0; unit < plan.units(); unit++) {
        boolean alive = state.dead.at[unit] == 0;
        set(unit, zone, alive && plan.inside(zone, state.x.at[unit], state.y.at[unit]));
      }
    }
  }

  private void set(int unit, int zone, boolean inside) {
    int word = zone * plan.words() + unit / 64;
    long bit = 1L << (unit % 64);
    boolean was = (state.inside.at[word] & bit) != 0;
    if (was != inside) {
      state.inside.at[word] ^= bit;
      world.log(inside ? Causes.Kind.ENTERED : Causes.Kind.LEFT, unit, zone, -1);
      world.events().touch(plan.facts().zone(zone), unit);
    }
  }
}
