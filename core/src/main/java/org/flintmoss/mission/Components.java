package org.flintmoss.mission;

import java.lang.reflect.RecordComponent;

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

  private static Object value(RecordComponent component, Record of) {
    try {
      return component.getAccessor().invoke(of);
    } catch (ReflectiveOperationException impossible) {
      throw new IllegalStateException(component + " cannot be read", impossible);
    }
  }
}
