package org.flintmoss.check.finding;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import org.flintmoss.mission.word.Ref;

/**
 * A finding about the mission as it stands.
 *
 * @param rule what found it
 * @param area where it is mended: {@code ground}, {@code catalogue} or {@code script}
 * @param thing the thing it is about; null for the whole mission
 * @param pointer JSON Pointer of the place in the document
 * @param says what is wrong and what to do, as a sentence
 * @param fix how it is mended at one stroke; null where it takes a decision
 */
@JsonInclude(JsonInclude.Include.ALWAYS)
public record Finding(Rule rule, Page area, Ref thing, String pointer, String says, Fix fix) {
  /** A finding that takes a decision. */
  public Finding(Rule rule, Page area, Ref thing, String pointer, String says) {
    this(rule, area, thing, pointer, says, null);
  }

  /** How much it matters. */
  @JsonProperty("severity")
  public Severity severity() {
    return rule.severity();
  }
}
