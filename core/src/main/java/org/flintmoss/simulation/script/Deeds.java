package org.flintmoss.simulation.script;

import java.util.HashMap;
import java.util.Map;
import org.flintmoss.mission.sentence.Action;

/**
 * What each action does. A new action needs its record and its handler, in the class of what it is
 * about.
 */
final class Deeds {
  /** Does an action of one type. */
  interface Handler<A extends Action> {
    void act(A action, Doing doing);
  }

  /** An action, ready to be done. */
  interface Ready {
    void act(Doing doing);
  }

  private static final Map<Class<? extends Action>, Handler<? extends Action>> HANDLERS =
      new HashMap<>();

  static {
    StoryDeeds.tell();
    FactDeeds.tell();
    UnitDeeds.tell();
    ThingDeeds.tell();
    WeatherDeeds.tell();
  }

  private Deeds() {}

  /** Has actions of a type done by a handler. */
  static <A extends Action> void on(Class<A> action, Handler<A> handler) {
    if (HANDLERS.putIfAbsent(action, handler) != null) {
      throw new IllegalStateException("two handlers do " + action.getName());
    }
  }

  /** Whether a type of action has its handler. */
  static boolean handles(Class<?> action) {
    return HANDLERS.containsKey(action);
  }

  /** An action with its handler. */
  @SuppressWarnings("unchecked")
  static <A extends Action> Ready of(A action) {
    Handler<A> handler = (Handler<A>) HANDLERS.get(action.getClass());
    return doing -> handler.act(action, doing);
  }
}
