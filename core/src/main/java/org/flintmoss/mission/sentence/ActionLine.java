package org.flintmoss.mission.sentence;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import java.util.Map;
import java.util.function.Consumer;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Ordered;

/**
 * One action with its own wait.
 *
 * @param after seconds after the line before it
 */
public record ActionLine(
    @Pattern(regexp = Id.ORDER) String order, @Valid Amount after, @Valid Action action)
    implements Ordered {
  /** Goes through all actions of some lines, those within others too. */
  public static void each(Map<String, ActionLine> lines, Consumer<Action> visitor) {
    for (ActionLine line : lines.values()) {
      visitor.accept(line.action());
      switch (line.action()) {
        case Action.If branch -> {
          each(branch.then(), visitor);
          each(branch.otherwise(), visitor);
        }
        case Action.ForEach each -> each(each.lines(), visitor);
        case Action.OneOf one -> one.choices().values().forEach(it -> each(it.lines(), visitor));
        default -> {}
      }
    }
  }
}
