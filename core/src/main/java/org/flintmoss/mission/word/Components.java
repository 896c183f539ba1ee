package org.flintmoss.mission.word;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.Map;

/** Goes through the components of records. */
public final class Components {
  private static final ClassValue<RecordComponent[]> OF =
      new ClassValue<>() {
        @Override
        protected RecordComponent[] computeValue(Class<?> type) {
          return type.getRecordComponents();
        }
      };

  /** Told of each component and its value. */
  public interface Visitor {
    /** A component of the record, and what the record holds there. */
    void visit(RecordComponent component, Object value);
  }

  private Components() {}

  /** Goes through the components of a record, in their order. */
  public static void each(Record of, Visitor visitor) {
    for (RecordComponent component : OF.get(of.getClass())) {
      visitor.visit(component, value(component, of));
    }
  }

  /** The same record with other values in some of its components, by their names. */
  public static <R extends Record> R with(R of, Map<String, ?> others) {
    RecordComponent[] components = OF.get(of.getClass());
    Object[] values = new Object[components.length];
    Class<?>[] types = new Class<?>[components.length];
    for (int i = 0; i < values.length; i++) {
      String name = components[i].getName();
      types[i] = components[i].getType();
      values[i] = others.containsKey(name) ? others.get(name) : value(components[i], of);
    }
    try {
      @SuppressWarnings("unchecked")
      Constructor<R> made = (Constructor<R>) of.getClass().getDeclaredConstructor(types);
      return made.newInstance(values);
    } catch (ReflectiveOperationException impossible) {
      throw new IllegalStateException(of.getClass() + " cannot be made", impossible);
    }
  }

  /** What a record holds in one of its components. */
  public static Object value(RecordComponent component, Record of) {
    try {
      return component.getAccessor().invoke(of);
    } catch (ReflectiveOperationException impossible) {
      throw new IllegalStateException(component + " cannot be read", impossible);
    }
  }
}
