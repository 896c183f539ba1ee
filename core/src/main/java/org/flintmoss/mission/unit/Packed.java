package org.flintmoss.mission.unit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;

/** A number of one kind of item in a pack. */
public record Packed(
    @Pattern(regexp = Id.ORDER) String order,
    @Valid @Names(Family.ITEM_KINDS) Ref item,
    @Min(1) @Max(1000) int count)
    implements Ordered {
  /** Most kinds of item that one pack begins with. */
  public static final int MOST = 8;
}
