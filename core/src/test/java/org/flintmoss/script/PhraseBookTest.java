package org.flintmoss.script;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Everything that can be said is in the book, reads whole, and begins as something valid. */
class PhraseBookTest {
  private static final PhraseBook BOOK = PhraseBook.make();

  static Stream<PhraseBook.Entry> entries() {
    return Stream.of(
            BOOK.conditions(),
            BOOK.actions(),
            BOOK.orders(),
            BOOK.again(),
            BOOK.speeds(),
            BOOK.waits(),
            BOOK.effects(),
            BOOK.caps(),
            BOOK.comes(),
            BOOK.heralds(),
            BOOK.from())
        .flatMap(List::stream);
  }

  private static Set<String> types(Class<?> sentences) {
    return Arrays.stream(sentences.getAnnotation(JsonSubTypes.class).value())
        .map(JsonSubTypes.Type::name)
        .collect(Collectors.toSet());
  }

  private static Set<String> types(List<PhraseBook.Entry> entries) {
    return entries.stream().map(PhraseBook.Entry::type).collect(Collectors.toSet());
  }

  @Test
  void everyActionAndOrderIsInItAndEveryConditionButTheGroups() {
    assertThat(types(BOOK.actions())).isEqualTo(types(Action.class));
    assertThat(types(BOOK.orders())).isEqualTo(types(Order.class));
    Set<String> conditions = types(Condition.class);
    conditions.removeAll(Set.of("all", "any", "not", "heldFor"));
    assertThat(types(BOOK.conditions())).isEqualTo(conditions);
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("entries")
  void aSentenceIsMadeOfWordsAndSlotsThatAreThere(PhraseBook.Entry entry) {
    assertThat(entry.pieces()).isNotEmpty();
    for (PhraseBook.Piece piece : entry.pieces()) {
      boolean one =
          Stream.of(piece.text(), piece.slot(), piece.agree()).filter(it -> it != null).count()
              == 1;
      assertThat(one).as("one of text, slot and agreement").isTrue();
      if (piece.slot() != null) {
        assertThat(entry.slots()).containsKey(piece.slot());
      }
      if (piece.text() != null) {
        assertThat(piece.text()).isEqualTo(piece.text().strip()).isNotEmpty();
      }
      if (piece.agree() != null) {
        assertThat(piece.agree()).hasSize(2).doesNotHaveDuplicates();
      }
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("entries")
  void aSlotOfAFamilyNamesItAndAChoiceHasItsWords(PhraseBook.Entry entry) {
    entry
        .slots()
        .forEach(
            (name, slot) -> {
              assertThat(slot.families() != null).as(name).isEqualTo(slot.is().equals("ref"));
              if (slot.is().equals("choice")) {
                assertThat(slot.options()).hasSizeGreaterThan(1);
                assertThat(slot.options()).noneMatch(option -> option.word().isBlank());
              }
              if (slot.is().equals("number")) {
                assertThat(slot.least()).isLessThanOrEqualTo(slot.most());
              }
            });
  }

  @Test
  void aFreshConditionOrActionCanStandInAMissionAtOnce() {
    Stage stage = new Stage();
    int number = 0;
    for (PhraseBook.Entry entry : BOOK.conditions()) {
      stage.event("c" + number++, Stage.all(entry.fresh().toString()));
    }
    for (PhraseBook.Entry entry : BOOK.actions()) {
      stage.event("a" + number++, Stage.elapsed(1), "0|" + entry.fresh());
    }
    assertThat(stage.mission().events()).hasSize(number);
    assertThat(stage.after(40).read().step()).isEqualTo(40);
  }

  @Test
  void headingsAreFewAndEverySentenceOfTheScriptHasOne() {
    Set<String> headings =
        Stream.concat(BOOK.conditions().stream(), BOOK.actions().stream())
            .map(PhraseBook.Entry::group)
            .collect(Collectors.toSet());
    assertThat(headings).doesNotContain("").hasSizeLessThan(16);
  }
}
