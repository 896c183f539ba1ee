package org.flintmoss.balance;

import java.util.List;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;

/** A simulated player of every seat: looks at the world, and acts only as a person could. */
@FunctionalInterface
public interface Understudy {
  /** What it does in the coming step. */
  List<Command> act(World world);

  /** The names of all understudies. */
  static List<String> names() {
    return List.of("bold", "careful", "idle");
  }

  /**
   * A fresh understudy.
   *
   * @throws IllegalArgumentException if there is none of that name
   */
  static Understudy named(String name) {
    return switch (name) {
      case "bold" -> new Stagehand(Nerve.BOLD);
      case "careful" -> new Stagehand(Nerve.CAREFUL);
      case "idle" -> _ -> List.of();
      default ->
          throw new IllegalArgumentException(
              "there is no understudy '%s'; there are %s"
                  .formatted(name, String.join(", ", names())));
    };
  }
}
