package org.flintmoss.mission.word;

/** The words of an enum's constants. */
public final class EnumWord {
  private EnumWord() {}

  /**
   * The words of a constant.
   *
   * @throws IllegalStateException if it has none
   */
  public static String of(Enum<?> constant) {
    try {
      Word word = constant.getDeclaringClass().getField(constant.name()).getAnnotation(Word.class);
      if (word == null) {
        throw new IllegalStateException(constant + " has no words");
      }
      return word.value();
    } catch (NoSuchFieldException impossible) {
      throw new IllegalStateException("every constant is a field", impossible);
    }
  }
}
