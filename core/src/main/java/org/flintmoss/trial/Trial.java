package org.flintmoss.trial;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.script.Begin;

/** A world with its players: takes their inputs step by step and records them. */
public final class Trial {
  private final String mission;
  private final Difficulty difficulty;
  private final Begin begin;
  private final World world;
  private final List<Recording.Done> inputs = new ArrayList<>();
  private final List<String> hashes = new ArrayList<>();
  private final List<Command> waiting = new ArrayList<>();

  /**
   * A trial that has not begun.
   *
   * @param mission the SHA-256 of the canonical document
   */
  public Trial(Plan plan, String mission, Difficulty difficulty, long seed) {
    this(plan, mission, difficulty, seed, new Begin.AtTheStarts());
  }

  /** A trial that has not begun, whose players begin somewhere. */
  public Trial(Plan plan, String mission, Difficulty difficulty, long seed, Begin begin) {
    this.begin = begin;
    this.mission = mission;
    this.difficulty = difficulty;
    world = new World(plan, seed, begin);
  }

  /** Hands in what a player does; the next step takes it. */
  public void input(Command command) {
    waiting.add(command);
  }

  /** Takes one step; does nothing once play is over. */
  public void step() {
    if (world.over()) {
      return;
    }
    int next = world.read().step() + 1;
    for (Command command : waiting) {
      inputs.add(new Recording.Done(next, command.seat(), command.input()));
    }
    world.step(waiting);
    waiting.clear();
    if (next % Recording.EVERY == 0) {
      hashes.add(hash());
    }
  }

  /** The world, for reading. */
  public World world() {
    return world;
  }

  /** Its difficulty. */
  public Difficulty difficulty() {
    return difficulty;
  }

  /** The hash of the state as it stands, 16 hexadecimal digits. */
  public String hash() {
    return "%016x".formatted(world.hash());
  }

  /** Everything up to now, enough to play it again. */
  public Recording recording() {
    List<String> kept = new ArrayList<>(hashes);
    kept.add(hash());
    return new Recording(
        Recording.ENGINE,
        mission,
        world.seed(),
        difficulty,
        world.plan().terms().players(),
        begin,
        List.copyOf(inputs),
        world.read().step(),
        List.copyOf(kept));
  }

  /** What has come of it so far. */
  public Report report() {
    return Reporter.report(this);
  }
}
