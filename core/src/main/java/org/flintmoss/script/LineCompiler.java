package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.word.Ordered;

/** Lays what events do out line by line: what holds other lines becomes jumps. */
final class LineCompiler {
  private static final Quantity AT_ONCE = new Quantity.Fixed(0);

  private final Lookup lookup;
  private final ConditionCompiler conditions;
  private final ActionCompiler actions;
  private int turns;
  private List<Act.Line> lines = new ArrayList<>();
  private List<Node> asides = new ArrayList<>();

  /** The lines of an event, and the conditions among them. */
  record Lines(List<Act.Line> lines, List<Node> asides) {}

  LineCompiler(Lookup lookup, ConditionCompiler conditions, ActionCompiler actions) {
    this.lookup = lookup;
    this.conditions = conditions;
    this.actions = actions;
  }

  /** How many slots a run keeps for whose turn it is. */
  int turns() {
    return turns;
  }

  Lines of(Map<String, ActionLine> of) {
    lines = new ArrayList<>();
    asides = new ArrayList<>();
    add(of);
    return new Lines(List.copyOf(lines), List.copyOf(asides));
  }

  private void add(Map<String, ActionLine> of) {
    for (Map.Entry<String, ActionLine> entry : Ordered.sort(of)) {
      ActionLine line = entry.getValue();
      Quantity after = lookup.ofDeed(line.after());
      switch (line.action()) {
        case Action.If branch -> branch(after, branch);
        case Action.ForEach each -> forEach(after, each);
        case Action.OneOf one -> oneOf(after, one);
        case Action action -> lines.add(new Act.Line(after, actions.act(action)));
      }
    }
  }

  /** Keeps a place for a line that is known only once those after it are laid out. */
  private int keepPlace() {
    lines.add(null);
    return lines.size() - 1;
  }

  private void branch(Quantity after, Action.If branch) {
    Node condition = conditions.atMoment(branch.condition());
    asides.add(condition);
    int at = keepPlace();
    add(branch.then());
    int end = keepPlace();
    lines.set(at, new Act.Line(after, new Act.Unless(condition, lines.size())));
    add(branch.otherwise());
    lines.set(end, new Act.Line(AT_ONCE, new Act.Jump(lines.size())));
  }

  /** Begin; whose turn is it, or leave; the lines; leave if nobody is left; wait and go back. */
  private void forEach(Quantity after, Action.ForEach each) {
    Crowd who = lookup.crowd(each.who());
    Quantity apart = lookup.ofDeed(each.time());
    int slot = turns++;
    lines.add(new Act.Line(after, new Act.Begin(slot)));
    int next = keepPlace();
    int before = lookup.turn(slot);
    add(each.lines());
    lookup.turn(before);
    int rest = keepPlace();
    lines.add(new Act.Line(apart, new Act.Jump(next)));
    int end = lines.size();
    lines.set(next, new Act.Line(AT_ONCE, new Act.Next(who, slot, end)));
    lines.set(rest, new Act.Line(AT_ONCE, new Act.UnlessMore(who, slot, end)));
  }

  private void oneOf(Quantity after, Action.OneOf one) {
    List<Action.Choice> choices =
        Ordered.sort(one.choices()).stream()
            .map(Map.Entry<String, Action.Choice>::getValue)
            .toList();
    int draw = keepPlace();
    List<Integer> starts = new ArrayList<>();
    List<Integer> ends = new ArrayList<>();
    for (Action.Choice choice : choices) {
      starts.add(lines.size());
      add(choice.lines());
      ends.add(keepPlace());
    }
    double[] weights = choices.stream().mapToDouble(Action.Choice::weight).toArray();
    int[] to = starts.stream().mapToInt(Integer::intValue).toArray();
    lines.set(draw, new Act.Line(after, new Act.Draw(lookup.luck(), weights, to)));
    ends.forEach(it -> lines.set(it, new Act.Line(AT_ONCE, new Act.Jump(lines.size()))));
  }
}
