package org.flintmoss.mission.script;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Lives;
import org.flintmoss.mission.word.Names;
import org.flintmoss.mission.word.Pressure;
import org.flintmoss.mission.word.Ref;

/**
 * The sheet of a mission.
 *
 * @param briefing what players read before they begin
 * @param exchange what players can trade as they begin, until they walk off; open for nothing
 * @param pressure what counts are multiplied by at each difficulty
 */
public record Brief(
    @Size(min = 1, max = 120) String title,
    @Size(max = 120) String author,
    @Size(max = 1000) String summary,
    @Size(max = 4000) String briefing,
    @Valid Pressure pressure,
    @Valid Lives lives,
    @Valid @Names(Family.EXCHANGES) Ref exchange) {}
