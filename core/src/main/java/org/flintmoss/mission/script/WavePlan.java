package org.flintmoss.mission.script;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Measured;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Phrase;
import org.flintmoss.mission.word.Scaled;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.mission.word.Word;

/**
 * Waves that come one after the other once an event has started them.
 *
 * @param placing how parties are dealt out over the entrances
 * @param cap how many of the plan are on their feet at once; the others wait outside
 * @param entrances where they come into play
 */
public record WavePlan(
    @Size(min = 1, max = 60) String name,
    @Pattern(regexp = Id.ORDER) String order,
    Placing placing,
    @Valid Cap cap,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Entrance> entrances)
    implements Thing, Ordered {
  /** How parties are dealt out over the entrances. */
  public enum Placing {
    @Word("in turn")
    @JsonProperty("inTurn")
    IN_TURN,
    @Word("at random")
    @JsonProperty("atRandom")
    AT_RANDOM
  }

  /** One place where parties come into play. */
  public record Entrance(@Pattern(regexp = Id.ORDER) String order, @Valid Place place)
      implements Ordered {}

  /** How many are on their feet at once. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Uncapped.class, name = "uncapped"),
    @JsonSubTypes.Type(value = AtMost.class, name = "atMost")
  })
  public sealed interface Cap {}

  /** As many as come. */
  @Phrase("as many at once as come")
  public record Uncapped() implements Cap {}

  /** At most a number; those left over come when there is room. */
  @Phrase("at most {count} at once")
  public record AtMost(@Measured(value = "", fresh = 8) @Valid Scaled count) implements Cap {}
}
