package org.flintmoss.check.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who is told something, and by whom. */
class AudienceChecksTest {
  private static final String PLAYERS = "{'type':'everybody'}";

  private static List<Finding> findings(Stage stage) {
    return new ScriptChecks(stage.document(), stage.mission())
        .findings().stream().filter(it -> it.pointer().startsWith("/events/e/actions")).toList();
  }

  private static String whom(String type, String slot, String family, String id) {
    return "{'type':'only','who':{'quantifier':{'type':'any'},'whom':{'type':'%s','%s':%s}}}"
        .formatted(type, slot, ref(family, id));
  }

  private static String note(String to) {
    return "{'type':'note','text':'Ho.','to':%s}".formatted(to);
  }

  @ParameterizedTest
  @CsvSource({
    "side,side,sides,keepers,0",
    "side,side,sides,wreckers,1",
    "kind,kind,kinds,keeper,0",
    "kind,kind,kinds,wrecker,1",
    "unit,unit,units,w,1",
    "squad,squad,squads,s,1",
    "start,start,starts,p,0"
  })
  void whoIsToldHasToBeAPlayer(String type, String slot, String family, String id, int told) {
    Stage stage =
        new Stage()
            .unit("w", "wreckers", "wrecker", 90, 90)
            .squad("s", "w", "{'type':'stay'}")
            .event("e", elapsed(1), note(whom(type, slot, family, id)));
    List<Finding> found = findings(stage);
    assertThat(found).hasSize(told);
    if (told == 1) {
      assertThat(found.getFirst().says()).contains("nobody who plays");
      assertThat(Json.MAPPER.valueToTree(found.getFirst().fix()).toString()).contains("everybody");
    }
  }

  @Test
  void aConversationOfSeveralIsNotSaidByOne() {
    Stage stage =
        new Stage()
            .speaker("mara", "{'type':'elsewhere'}")
            .speaker("bell", "{'type':'elsewhere'}")
            .put("/speakers/bell/name", "'Bell'")
            .talk("both", "story", "mara", "one", "bell", "two")
            .talk("one", "story", "mara", "one", "mara", "two");
    String say = "{'type':'sayAs','conversation':%s,'who':%s,'to':" + PLAYERS + "}";
    String both = say.formatted(ref("conversations", "both"), Stage.allOf("keepers"));
    String one = say.formatted(ref("conversations", "one"), Stage.allOf("keepers"));
    assertThat(findings(stage.event("e", elapsed(1), both))).hasSize(1);
    assertThat(findings(stage.event("e", elapsed(1), one))).isEmpty();
  }
}
