package org.flintmoss.check.script;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.script.Answer;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.mission.zone.Zone;

/**
 * A script as a web: who sets what, who reads it, who wakes whom.
 *
 * @param nodes events, what they read and set, and the things that they speak of
 * @param edges the threads between them
 */
public record ScriptWeb(List<Node> nodes, List<Edge> edges) {
  /**
   * A knot of the web.
   *
   * @param marks what stands out about it, and why
   */
  public record Node(Ref ref, String name, Set<Mark> marks) {}

  /** What stands out about a knot. */
  public enum Mark {
    /** It is read, but nothing ever changes it. */
    NEVER_SET,
    /** It is set, but nothing ever reads it. */
    NEVER_READ,
    /** An event that cannot fire, or an ending or objective that nothing leads to. */
    NEVER,
    /** It is one of some events that lead back to one another. */
    CIRCLE
  }

  /** How one thing acts on another. */
  public enum Is {
    /** The event listens to it, or asks for it in what it does. */
    READ,
    /** The event changes it. */
    SET,
    /** The event lets the other listen. */
    WAKES,
    /** The event keeps the other from firing. */
    PUTS_TO_SLEEP,
    /** The wave is of the plan, the answer is one to the choice. */
    BRINGS,
    /** The event speaks of it or acts on it. */
    NAMES
  }

  /** A thread of the web, from what acts to what it acts on. */
  public record Edge(Ref from, Ref to, Is is) {}

  /**
   * What a script keeps or can change at once; all else is a thing on the ground or of the lists.
   */
  private static final Set<Family> FACTS =
      EnumSet.of(
          Family.FLAGS,
          Family.COUNTERS,
          Family.TIMERS,
          Family.CALLS,
          Family.CHOICES,
          Family.ANSWERS,
          Family.EXCHANGES,
          Family.OBJECTIVES,
          Family.ENDINGS,
          Family.CONVERSATIONS,
          Family.WAVE_PLANS,
          Family.WAVES,
          Family.GATES,
          Family.PROPS,
          Family.EFFECTS,
          Family.FIXTURES,
          Family.EVENTS);

  /** What only a script can change: of these it stands out if nobody does, or nobody asks. */
  private static final Set<Family> KEPT = EnumSet.of(Family.FLAGS, Family.COUNTERS, Family.TIMERS);

  /** The web of a mission's script. */
  public static ScriptWeb of(Mission mission) {
    return of(mission, new MayHappen(mission));
  }

  /** The same, where it is known already what may happen. */
  static ScriptWeb of(Mission mission, MayHappen may) {
    return new Weaver(mission, may).web();
  }

  /** The edges of some sorts. */
  List<Edge> edges(Is... sorts) {
    List<Is> of = Arrays.asList(sorts);
    return edges.stream().filter(edge -> of.contains(edge.is())).toList();
  }

  private static final class Weaver {
    private final Mission mission;
    private final MayHappen may;
    private final Set<Edge> edges = new LinkedHashSet<>();

    Weaver(Mission mission, MayHappen may) {
      this.mission = mission;
      this.may = may;
    }

    ScriptWeb web() {
      mission.events().forEach(this::event);
      mission.waves().forEach(this::wave);
      mission.answers().forEach(this::answer);
      mission.exchanges().forEach(this::exchange);
      mission.objectives().forEach(this::objective);
      mission.zones().forEach(this::zone);
      Map<Ref, Set<Mark>> marks = new LinkedHashMap<>();
      mission.events().keySet().forEach(id -> marks(marks, new Ref(Family.EVENTS, id)));
      for (Family family : List.of(Family.OBJECTIVES, Family.ENDINGS)) {
        mission.of(family).keySet().forEach(id -> marks(marks, new Ref(family, id)));
      }
      for (Family family : KEPT) {
        mission.of(family).keySet().forEach(id -> marks(marks, new Ref(family, id)));
      }
      for (Edge edge : edges) {
        marks(marks, edge.from());
        marks(marks, edge.to());
      }
      mark(marks);
      List<Node> nodes =
          marks.entrySet().stream()
              .filter(it -> mission.find(it.getKey()) != null)
              .map(it -> new Node(it.getKey(), mission.find(it.getKey()).name(), it.getValue()))
              .toList();
      return new ScriptWeb(nodes, List.copyOf(edges));
    }

    private static Set<Mark> marks(Map<Ref, Set<Mark>> marks, Ref ref) {
      return marks.computeIfAbsent(ref, _ -> EnumSet.noneOf(Mark.class));
    }

    private void add(Ref from, Ref to, Is is) {
      if (mission.find(from) != null && mission.find(to) != null) {
        edges.add(new Edge(from, to, is));
      }
    }

    private void event(String id, Event event) {
      Ref here = new Ref(Family.EVENTS, id);
      ScriptWalk.of(
          id,
          event,
          new ScriptWalk.Visitor() {
            @Override
            public void condition(String pointer, Condition condition) {
              reads(condition, here);
            }

            @Override
            public void action(String pointer, Action action) {
              ScriptWalk.refs((Record) action, (holder, ref) -> act(action, holder, ref));
            }

            private void chapter(Ref chapter, Is is) {
              mission
                  .events()
                  .forEach(
                      (id, event) -> {
                        if (event.chapter().equals(chapter)) {
                          add(here, new Ref(Family.EVENTS, id), is);
                        }
                      });
            }

            private void act(Action action, Record holder, Ref ref) {
              if (action instanceof Action.WakeEvent) {
                add(here, ref, Is.WAKES);
              } else if (action instanceof Action.PutToSleep) {
                add(here, ref, Is.PUTS_TO_SLEEP);
              } else if (action instanceof Action.LetAct) {
                add(here, ref, Is.SET);
              } else if (action instanceof Action.WakeChapter) {
                chapter(ref, Is.WAKES);
              } else if (action instanceof Action.PutChapterToSleep) {
                chapter(ref, Is.PUTS_TO_SLEEP);
              } else if (holder == action && FACTS.contains(ref.family())) {
                add(here, ref, Is.SET);
              } else if (ref.family() == Family.COUNTERS) {
                add(ref, here, Is.READ);
              } else {
                add(here, ref, Is.NAMES);
              }
            }
          });
    }

    private void objective(String id, Objective objective) {
      Ref here = new Ref(Family.OBJECTIVES, id);
      for (Condition own : List.of(objective.opens(), objective.done(), objective.fails())) {
        ScriptWalk.conditions(own, plain -> reads(plain, here));
      }
      if (objective.tally() instanceof Objective.Counted counted) {
        add(counted.counter(), here, Is.READ);
      }
    }

    /** Whether it acts is read and set; who is inside is not what the zone does. */
    private void reads(Condition plain, Ref here) {
      boolean asksWhatItDoes =
          plain instanceof Condition.ZoneActs || plain instanceof Happening.ZoneActsOn;
      ScriptWalk.refs(
          (Record) plain,
          (_, ref) -> {
            boolean fact =
                FACTS.contains(ref.family()) || (asksWhatItDoes && ref.family() == Family.ZONES);
            add(ref, here, fact ? Is.READ : Is.NAMES);
          });
    }

    private void zone(String id, Zone zone) {
      Ref here = new Ref(Family.ZONES, id);
      for (Working working : zone.does().values()) {
        ScriptWalk.conditions(working.when(), plain -> reads(plain, here));
        Is is = working.work() instanceof Work.EndsOutside ? Is.SET : Is.NAMES;
        ScriptWalk.refs((Record) working.work(), (_, ref) -> add(here, ref, is));
      }
    }

    private void answer(String id, Answer answer) {
      Ref here = new Ref(Family.ANSWERS, id);
      add(answer.choice(), here, Is.BRINGS);
      ScriptWalk.conditions(answer.when(), plain -> reads(plain, here));
    }

    private void exchange(String id, Exchange exchange) {
      Ref here = new Ref(Family.EXCHANGES, id);
      for (Exchange.Row row : exchange.rows().values()) {
        ScriptWalk.conditions(row.when(), plain -> reads(plain, here));
        counts(here, (Record) row.gives());
        counts(here, (Record) row.price());
      }
    }

    /** A counter that goes up or down there is set; what is paid is also read. */
    private void counts(Ref here, Record what) {
      ScriptWalk.refs(
          what,
          (_, ref) -> {
            boolean counter = ref.family() == Family.COUNTERS;
            add(here, ref, counter ? Is.SET : Is.NAMES);
            if (counter && what instanceof Exchange.ForCount) {
              add(ref, here, Is.READ);
            }
          });
    }

    private void wave(String id, Wave wave) {
      Ref here = new Ref(Family.WAVES, id);
      add(wave.wavePlan(), here, Is.BRINGS);
      ScriptWalk.refs(
          (Record) wave.herald(),
          (_, ref) -> {
            if (ref.family() == Family.CONVERSATIONS) {
              add(here, ref, Is.SET);
            }
          });
    }

    private void mark(Map<Ref, Set<Mark>> marks) {
      Set<Ref> set = new LinkedHashSet<>();
      Set<Ref> read = new LinkedHashSet<>();
      for (Edge edge : edges) {
        CalledOff.check();
        if (edge.is() == Is.SET) {
          set.add(edge.to());
        } else if (edge.is() == Is.READ) {
          read.add(edge.from());
        }
      }
      for (Map.Entry<Ref, Set<Mark>> entry : marks.entrySet()) {
        Ref ref = entry.getKey();
        if (KEPT.contains(ref.family())) {
          boolean byItself = ref.family() == Family.TIMERS && runsByItself(ref);
          boolean forPlayers = ref.family() == Family.TIMERS && shown(ref);
          if (read.contains(ref) && !set.contains(ref) && !byItself) {
            entry.getValue().add(Mark.NEVER_SET);
          }
          if (!read.contains(ref) && !forPlayers) {
            entry.getValue().add(Mark.NEVER_READ);
          }
        }
        if (!may.happens(ref)) {
          entry.getValue().add(Mark.NEVER);
        }
      }
      new Circles(edges).members().forEach(ref -> marks(marks, ref).add(Mark.CIRCLE));
    }

    private boolean runsByItself(Ref timer) {
      return mission.timers().get(timer.id()) != null && mission.timers().get(timer.id()).running();
    }

    private boolean shown(Ref timer) {
      return mission.timers().get(timer.id()) != null && mission.timers().get(timer.id()).shown();
    }
  }

  /**
   * Events that lead back to one another over what they set and read: the strongly connected parts
   * with more than one event (Tarjan, "Depth-first search and linear graph algorithms", 1972).
   */
  private static final class Circles {
    private final Map<Ref, List<Ref>> next = new LinkedHashMap<>();
    private final Map<Ref, Integer> index = new LinkedHashMap<>();
    private final Map<Ref, Integer> low = new LinkedHashMap<>();
    private final List<Ref> stack = new ArrayList<>();
    private final Set<Ref> onStack = new HashSet<>();
    private final Set<Ref> members = new LinkedHashSet<>();

    Circles(Set<Edge> edges) {
      for (Edge edge : edges) {
        boolean leads = edge.is() != Is.NAMES && edge.is() != Is.PUTS_TO_SLEEP;
        if (leads) {
          next.computeIfAbsent(edge.from(), _ -> new ArrayList<>()).add(edge.to());
        }
      }
    }

    Set<Ref> members() {
      for (Ref ref : List.copyOf(next.keySet())) {
        CalledOff.check();
        if (!index.containsKey(ref)) {
          visit(ref);
        }
      }
      return members;
    }

    /** One knot that is being visited, and how many of its threads have been followed. */
    private static final class Frame {
      final Ref ref;
      int followed;

      Frame(Ref ref) {
        this.ref = ref;
      }
    }

    /** Without recursion: a chain of ten thousand events is no deeper than one. */
    private void visit(Ref root) {
      List<Frame> frames = new ArrayList<>(List.of(new Frame(root)));
      enter(root);
      while (!frames.isEmpty()) {
        Frame top = frames.getLast();
        List<Ref> on = next.getOrDefault(top.ref, List.of());
        if (top.followed < on.size()) {
          Ref to = on.get(top.followed++);
          if (!index.containsKey(to)) {
            enter(to);
            frames.add(new Frame(to));
          } else if (onStack.contains(to)) {
            low.merge(top.ref, index.get(to), Math::min);
          }
        } else {
          frames.removeLast();
          leave(top.ref);
          if (!frames.isEmpty()) {
            low.merge(frames.getLast().ref, low.get(top.ref), Math::min);
          }
        }
      }
    }

    private void enter(Ref ref) {
      index.put(ref, index.size());
      low.put(ref, index.get(ref));
      stack.add(ref);
      onStack.add(ref);
    }

    private void leave(Ref ref) {
      if (!low.get(ref).equals(index.get(ref))) {
        return;
      }
      List<Ref> part = stack.subList(stack.lastIndexOf(ref), stack.size());
      long events = part.stream().filter(it -> it.family() == Family.EVENTS).count();
      if (events > 1) {
        members.addAll(part);
      }
      part.forEach(onStack::remove);
      part.clear();
    }
  }
}
