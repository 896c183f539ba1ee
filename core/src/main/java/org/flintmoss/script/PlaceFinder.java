package org.flintmoss.script;

import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.ground.SpawnPoint;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.zone.Zone;

/** Looks up places. */
public record PlaceFinder(ActorIndex actors) {
  /** Where a place is; null where its reference is open. */
  public Spot spot(Place place) {
    return switch (place) {
      case Place.Point point -> fixed(point.position(), new Level.Top());
      case Place.AtZone at ->
          actors.mission().find(at.zone()) instanceof Zone zone ? zone(zone) : null;
      case Place.AtUnit at -> of(actors.member(at.unit()));
      case Place.AtStart at -> of(actors.member(at.start()));
      case Place.AtSpawn at ->
          actors.mission().find(at.spawnPoint()) instanceof SpawnPoint point
              ? fixed(point.position(), point.level())
              : null;
      case Place.AtPost at ->
          actors.mission().find(at.post()) instanceof Post post
              ? fixed(post.position(), post.level())
              : null;
    };
  }

  /** How one comes in at a place; null where its reference is open. */
  Arrival arrival(Place place) {
    Spot spot = spot(place);
    if (spot == null) {
      return null;
    }
    return switch (place) {
      case Place.AtZone at -> new Arrival.Over(actors.index(at.zone()));
      case Place.AtSpawn at -> {
        SpawnPoint point = (SpawnPoint) actors.mission().find(at.spawnPoint());
        yield new Arrival.Near(spot, point.facing(), point.clearance());
      }
      default -> new Arrival.Near(spot, -1, 0);
    };
  }

  /** The middle of a zone, which may ride on somebody. */
  private Spot zone(Zone zone) {
    Position centre = zone.shape().centre();
    int carrier = carrier(zone);
    if (carrier < 0) {
      return fixed(centre, new Level.Top());
    }
    Position from = actors.members().get(carrier).standing().position();
    return new Spot.Of(carrier, centre.x() - from.x(), centre.y() - from.y());
  }

  /** The number of whom a zone rides on; -1 where it stands. */
  public int carrier(Zone zone) {
    return switch (zone.rides()) {
      case Zone.Stands _ -> -1;
      case Zone.OnUnit on -> actors.member(on.unit());
      case Zone.OnStart on -> actors.member(on.start());
    };
  }

  private static Spot fixed(Position position, Level level) {
    return new Spot.Fixed(position.x(), position.y(), level);
  }

  private static Spot of(int member) {
    return member < 0 ? null : new Spot.Of(member, 0, 0);
  }
}
