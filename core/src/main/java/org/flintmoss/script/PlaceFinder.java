package org.flintmoss.script;

import org.flintmoss.mission.Place;
import org.flintmoss.mission.Position;
import org.flintmoss.mission.Zone;

/** Looks up places. */
public record PlaceFinder(Cast cast) {
  /** Where a place is; null where its reference is open. */
  public Spot spot(Place place) {
    return switch (place) {
      case Place.Point point -> fixed(point.position());
      case Place.AtZone at ->
          cast.mission().find(at.zone()) instanceof Zone zone ? fixed(zone.shape().centre()) : null;
      case Place.AtUnit at -> of(cast.member(at.unit()));
      case Place.AtStart at -> of(cast.member(at.start()));
    };
  }

  private static Spot fixed(Position position) {
    return new Spot.Fixed(position.x(), position.y());
  }

  private static Spot of(int member) {
    return member < 0 ? null : new Spot.Of(member);
  }
}
