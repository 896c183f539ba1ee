package org.flintmoss.simulation.plan;

import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.ActorIndex;

/**
 * What a use, or the breaking of a thing, does to other things, looked up.
 *
 * @param gate the gate that it turns; -1 for none
 * @param deck the deck that it sends, by its number within its family; -1 for none
 * @param stop the stop that it sends it to, from 1; 0 for the next
 * @param goesOn the effect that it begins or ends; -1 for none
 * @param thing the prop or fixture that it changes; -1 for none
 * @param look the look that it gives that; -1 for none
 * @param exchange the exchange that it opens; -1 for none
 */
public record ThingEffect(
    Use.Effect of, int gate, int deck, int stop, int goesOn, int thing, int look, int exchange) {
  static ThingEffect of(Use.Effect effect, ActorIndex actors, Terms terms) {
    return new ThingEffect(
        effect,
        switch (effect) {
          case Use.OpensGate opens -> actors.index(opens.gate());
          case Use.ClosesGate closes -> actors.index(closes.gate());
          case Use.TurnsGate turns -> actors.index(turns.gate());
          default -> -1;
        },
        switch (effect) {
          case Use.SendsDeck sends -> actors.index(sends.deck());
          case Use.SendsDeckOn sends -> actors.index(sends.deck());
          default -> -1;
        },
        effect instanceof Use.SendsDeck sends ? (int) sends.stop().at(terms) : 0,
        switch (effect) {
          case Use.BeginsEffect begins -> actors.index(begins.effect());
          case Use.EndsEffect ends -> actors.index(ends.effect());
          default -> -1;
        },
        switch (effect) {
          case Use.LetsStand lets -> actors.thing(lets.thing());
          case Use.LetsLook lets -> actors.thing(lets.thing());
          default -> -1;
        },
        effect instanceof Use.LetsLook lets ? actors.index(lets.look()) : -1,
        effect instanceof Use.OpensExchange opens ? actors.index(opens.exchange()) : -1);
  }
}
