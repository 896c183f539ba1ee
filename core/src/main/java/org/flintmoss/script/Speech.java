package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.script.Conversation;
import org.flintmoss.mission.script.Speaker;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;

/**
 * A conversation, compiled.
 *
 * @param weight the ordinal of its {@link Conversation.Weight}
 */
public record Speech(int weight, List<Line> lines) {
  /** The pace of a line whose speaker is not there, words a minute. */
  private static final double PACE = 150;

  /** What each stop or comma adds, seconds. */
  static final double BREATH = 0.25;

  /** No line is shorter, seconds. */
  static final double SHORTEST = 1.2;

  /**
   * One line.
   *
   * @param id of the line in its conversation
   * @param speaker who says it; null for nobody that is there
   * @param member whose death silences it; -1 for nobody's
   * @param gap steps of silence before it
   * @param steps how long it takes
   */
  public record Line(String id, Speaker speaker, Told text, int member, int gap, int steps) {}

  static Speech of(Conversation conversation, Lookup lookup) {
    ActorIndex actors = lookup.actors();
    List<Line> lines = new ArrayList<>();
    for (Map.Entry<String, Conversation.Line> entry : Ordered.sort(conversation.lines())) {
      Conversation.Line line = entry.getValue();
      Speaker speaker = actors.mission().find(line.speaker()) instanceof Speaker it ? it : null;
      int gap = line.gap() == 0 ? 0 : Script.steps(line.gap());
      int steps = Script.steps(seconds(line, speaker));
      Told text = lookup.told(line.text());
      lines.add(new Line(entry.getKey(), speaker, text, member(speaker, actors), gap, steps));
    }
    return new Speech(conversation.weight().ordinal(), List.copyOf(lines));
  }

  private static int member(Speaker speaker, ActorIndex actors) {
    Ref body =
        switch (speaker == null ? null : speaker.body()) {
          case null -> null;
          case Speaker.Elsewhere _ -> null;
          case Speaker.OfUnit of -> of.unit();
          case Speaker.OfStart of -> of.start();
        };
    return body == null ? -1 : actors.member(body);
  }

  /** How long a line takes, seconds. */
  public static double seconds(Conversation.Line line, Speaker speaker) {
    return switch (line.length()) {
      case Conversation.Exactly exactly -> exactly.seconds();
      case Conversation.FromWords _ ->
          seconds(line.text().text(), speaker == null ? PACE : speaker.pace());
    };
  }

  /**
   * How long words take: {@code words * 60 / pace + 0.25 * stops}, where stops are the marks at
   * which one breathes, and at least 1.2 s. A figure takes as long as a word.
   *
   * @param pace words a minute
   */
  public static double seconds(String text, double pace) {
    long words = text.isBlank() ? 0 : text.strip().split("\\s+").length;
    long stops = text.chars().filter(mark -> ".,;:!?".indexOf(mark) >= 0).count();
    return Math.max(SHORTEST, words * 60 / pace + BREATH * stops);
  }
}
