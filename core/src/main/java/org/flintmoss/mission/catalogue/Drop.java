package org.flintmoss.mission.catalogue;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Pattern;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;

/**
 * Items that fall out of a thing that breaks.
 *
 * @param chance how likely, percent
 */
public record Drop(
    @Pattern(regexp = Id.ORDER) String order,
    @Valid @Names(Family.ITEM_KINDS) Ref item,
    @DecimalMin("1") @DecimalMax("1000") @Valid Pinned count,
    @DecimalMin("0") @DecimalMax("100") @Valid Pinned chance)
    implements Ordered {
  /** The most drops of a kind, and of a thing. */
  public static final int MOST = 16;
}
