package org.flintmoss.script.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.script.Speaker;
import org.flintmoss.mission.script.Todo;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.script.text.ScriptText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** An outline is a page of plain lines; what it says is made, what it leaves open is to be done. */
class SkeletonTest {
  private static final String OUTLINE =
      """
      # The crossing
      Opening: Fog over the strand, a bell offshore.
      Mara: We have no light.
      Tobin: Then we had best walk.
      Goal: Cross to the lamp house before the tide
      When any player is inside [Lamp house]: tell the players "You are here."
      The Bell: Hear me.
      When the tide turns: the causeway closes
      Side goal: Bring the oil
      - a boat for those who are late

      Act two: The lamp
      Win: the lamp burns
      Lose: the sea has her
      To do: draw the rocks
      """;

  private int next;

  private Skeleton.Outcome of(MissionFile file, String text) {
    return Skeleton.of(file.document(), file.mission(), text, () -> "n" + next++);
  }

  private static <T extends Thing & Ordered> List<T> inOrder(java.util.Map<String, T> things) {
    return things.values().stream().sorted(java.util.Comparator.comparing(Ordered::order)).toList();
  }

  @Test
  void aPageOfPlainLinesBecomesTheSkeletonOfAScript() {
    MissionFile file = Samples.demo("first-light");
    Mission before = file.mission();
    Mission mission = MissionReader.read(of(file, OUTLINE).document());
    List<Event> events =
        inOrder(mission.events()).stream()
            .filter(it -> !before.events().containsValue(it))
            .toList();
    assertThat(events)
        .extracting(Event::name)
        .containsExactly(
            "Opening",
            "Any player is inside [Lamp house]",
            "The tide turns",
            "The lamp burns",
            "The sea has her");
    String script = ScriptText.print(mission);
    assertThat(script)
        .contains("chapter \"The crossing\"", "chapter \"The lamp\"")
        .contains("when any player is inside [Lamp house]\n  do tell the players \"You are here.\"")
        .contains("when play has lasted at least 2 s")
        .contains("say [Opening]", "open the objective [Cross to the lamp house before the tide]")
        .contains("end the mission with [The lamp burns]");
    assertThat(mission.objectives().values())
        .filteredOn(it -> it.rank() == Objective.Rank.SECONDARY)
        .extracting(Objective::name, Objective::open)
        .containsExactly(org.assertj.core.groups.Tuple.tuple("Bring the oil", false));
    assertThat(mission.endings().values())
        .filteredOn(it -> it.name().equals("The sea has her"))
        .extracting(Ending::outcome)
        .containsExactly(Ending.Outcome.LOST);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "When play begins: tell the players \"Hush.\"",
        "when the mission starts: tell the players \"Hush.\"",
        "As soon as play begins, tell the players \"Hush.\"",
        "Opening: tell the players \"Hush.\""
      })
  void whatIsSaidOfTheBeginningIsAnEventThatFiresThen(String line) {
    MissionFile file = Samples.demo("first-light");
    Mission mission = MissionReader.read(of(file, line).document());
    assertThat(ScriptText.print(mission))
        .contains("  when play has lasted at least 2 s\n  do tell the players \"Hush.\"");
  }

  @Test
  void thoseWhoSpeakAreFoundOnTheGroundOrSpeakFromElsewhere() {
    MissionFile file = Samples.demo("first-light");
    Mission mission = MissionReader.read(of(file, OUTLINE).document());
    Speaker mara = named(mission, "Mara");
    assertThat(mara.body()).isInstanceOf(Speaker.OfStart.class);
    assertThat(named(mission, "The Bell").body()).isInstanceOf(Speaker.Elsewhere.class);
    assertThat(mission.conversations().values())
        .extracting(it -> it.lines().size())
        .containsExactlyInAnyOrder(2, 1);
    MissionFile harrow = Samples.demo("relight-the-harrow");
    Mission known = MissionReader.read(of(harrow, "Mara: Now.\nmara quill: Or never.").document());
    assertThat(known.speakers()).hasSameSizeAs(harrow.mission().speakers());
  }

  private static Speaker named(Mission mission, String name) {
    return mission.speakers().values().stream()
        .filter(it -> it.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatTheOutlineLeavesOpenIsToBeDone() {
    Mission mission = MissionReader.read(of(Samples.demo("first-light"), OUTLINE).document());
    assertThat(inOrder(mission.todos()))
        .extracting(Todo::name)
        .containsExactly(
            "Say what happens: Fog over the strand, a bell offshore.",
            "Say when it is done: Cross to the lamp house before the tide",
            "Say when: the tide turns",
            "Say what happens: the causeway closes",
            "Say when it is done: Bring the oil",
            "a boat for those who are late",
            "Write the debriefing of The lamp burns",
            "Say when it ends so: The lamp burns",
            "Write the debriefing of The sea has her",
            "Say when it ends so: The sea has her",
            "To do: draw the rocks");
    assertThat(mission.todos().values()).noneMatch(Todo::done);
    assertThat(inOrder(mission.todos()).getLast().about()).isInstanceOf(Todo.OfMission.class);
    assertThat(inOrder(mission.todos()).getFirst().about()).isInstanceOf(Todo.OfThing.class);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Goal: Hold the light | Goal[rank=PRIMARY, words=Hold the light]",
        "BONUS: bring oil | Goal[rank=SECONDARY, words=bring oil]",
        "Goal: | Task[words=Goal:]",
        "Act II: The lamp | Chapter[name=The lamp]",
        "Act two | Task[words=Act two]",
        "## Act two | Chapter[name=Act two]",
        "# Chapter: The cutter | Chapter[name=The cutter]",
        "Once the bell rings, they come | When[condition=the bell rings, words=they come]",
        "When: the bell rings | When[condition=the bell rings, words=]",
        "as soon as it is dark: light | When[condition=it is dark, words=light]",
        "Whenever: x | Said[speaker=Whenever, words=x]",
        "Win | Task[words=Win]",
        "Won: | End[outcome=WON, words=]",
        "Old Teasel: “Put it out.” | Said[speaker=Old Teasel, words=Put it out.]",
        "the wreckers: put it out | Task[words=the wreckers: put it out]",
        "It is 12:30: hurry | Task[words=It is 12:30: hurry]",
        "* gulls | Task[words=gulls]"
      })
  void aLineIsUnderstoodByWhatStandsBeforeItsFirstColon(String line, String understood) {
    assertThat(OutlineReader.read(line)).hasToString(understood);
  }

  @Test
  void aMissionOfNothingIsEnoughToBeginWith() {
    MissionFile blank = Samples.blank();
    var bare = (tools.jackson.databind.node.ObjectNode) blank.document().deepCopy();
    for (String family : List.of("sides", "stances", "kinds", "weapons", "itemKinds", "chapters")) {
      bare.putObject(family);
    }
    Skeleton.Outcome outcome =
        Skeleton.of(
            bare,
            MissionReader.read(bare),
            OUTLINE.replace("# The crossing\n", ""),
            () -> "n" + next++);
    assertThat(MissionReader.read(outcome.document()).chapters()).hasSize(2);
    assertThat(outcome.made()).extracting(Skeleton.Made::line).isSorted();
  }

  @Test
  void anyTextIsTakenAndMakesAMissionThatCanBeHeld() {
    MissionFile file = Samples.demo("first-light");
    String letters = "Goal:When Mara#-\n\n\n ,“\"[]{}()~\\ä水\u202e\0 0123";
    Random random = new Random(11);
    for (int round = 0; round < 60; round++) {
      String text =
          random
              .ints(random.nextInt(400), 0, letters.length())
              .mapToObj(i -> letters.substring(i, i + 1))
              .collect(java.util.stream.Collectors.joining());
      MissionReader.read(of(file, text).document());
    }
  }

  @Test
  void whatIsLongerThanIsReadIsRefusedWithItsBound() {
    MissionFile file = Samples.demo("first-light");
    String many = Stream.generate(() -> "Goal: x\n").limit(1001).reduce("", String::concat);
    assertThatThrownBy(() -> of(file, many))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("at most 1000");
    assertThatThrownBy(() -> of(file, "x\n" + "y".repeat(2001)))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("line 2 of 2001 letters");
    assertThat(of(file, "\n \n").document()).isEqualTo(file.document());
  }

  @Test
  void aHeadingThatIsAChapterAlreadyGoesOnInIt() {
    Mission mission =
        MissionReader.read(
            of(Samples.blank(), "# opening\nWhen the tide turns: wait\n").document());
    assertThat(mission.chapters()).hasSize(1);
    assertThat(mission.events().values())
        .singleElement()
        .extracting(it -> it.chapter().id())
        .isEqualTo(mission.chapters().firstKey());
  }

  @Test
  void aSecondOpeningIsCalledByWhatItSays() {
    String outline = "Opening: Fog.\nWhen play begins: the bell rings\nWhen play begins:\n";
    Mission mission = MissionReader.read(of(Samples.blank(), outline).document());
    assertThat(inOrder(mission.events()))
        .extracting(Event::name)
        .containsExactly("Opening", "The bell rings", "When play begins");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Win: any player is inside lamp house | Won",
        "Win: Home when any player is inside [Lamp house] | Home",
        "win: Home, once any player is inside Lamp house | Home",
        "Win: if any player is inside lamp house | Won",
      })
  void whatAnEndingIsToldToWaitForIsItsCondition(String line, String name) {
    MissionFile file = Samples.demo("first-light");
    Mission mission = MissionReader.read(of(file, line).document());
    Event event =
        mission.events().values().stream()
            .filter(it -> it.name().startsWith(name))
            .findFirst()
            .orElseThrow();
    assertThat(ScriptText.print(mission, event))
        .contains("when any player is inside [Lamp house]")
        .contains("do end the mission with [" + event.name() + "]");
    assertThat(mission.todos().values())
        .extracting(Todo::name)
        .noneMatch(it -> it.contains("Say when it ends"));
  }

  @Test
  void whatDoesNotReadAsAConditionIsToBeSaid() {
    MissionFile file = Samples.demo("first-light");
    Mission mission = MissionReader.read(of(file, "Win: Home when the moon is full").document());
    assertThat(mission.todos().values())
        .extracting(Todo::name)
        .contains("Say when it ends so: the moon is full");
  }
}
