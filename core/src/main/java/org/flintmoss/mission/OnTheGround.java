package org.flintmoss.mission;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Finds whatever lies beyond the edge of the ground, and tiles beyond the grid. */
final class OnTheGround {
  private final Mission mission;
  private final List<Problem> problems = new ArrayList<>();

  OnTheGround(Mission mission) {
    this.mission = mission;
  }

  List<Problem> problems() {
    mission.setting().terrain().tiles().keySet().forEach(this::tile);
    standing("starts", mission.starts());
    standing("units", mission.units());
    mission
        .zones()
        .forEach((id, zone) -> position("/zones/" + id + "/shape/centre", zone.shape().centre()));
    mission.units().forEach((id, unit) -> order("/units/" + id + "/order", unit.order()));
    mission.events().forEach(this::event);
    return problems;
  }

  private void tile(String key) {
    Terrain terrain = mission.setting().terrain();
    String[] parts = key.split("-");
    if (Integer.parseInt(parts[0]) * Terrain.TILE >= terrain.columns()
        || Integer.parseInt(parts[1]) * Terrain.TILE >= terrain.rows()) {
      problems.add(
          new Problem(
              "/setting/terrain/tiles/" + key,
              "lies beyond the grid of %d x %d cells"
                  .formatted(terrain.columns(), terrain.rows())));
    }
  }

  private void standing(String family, Map<String, ? extends Standing> things) {
    things.forEach(
        (id, thing) -> position("/" + family + "/" + id + "/position", thing.position()));
  }

  private void order(String pointer, Order order) {
    if (order instanceof Order.Prowl prowl) {
      place(pointer + "/to", prowl.to());
    }
  }

  private void event(String id, Event event) {
    condition("/events/" + id + "/when", event.when());
    event
        .actions()
        .forEach(
            (line, action) -> {
              if (action.action() instanceof Action.Send send) {
                place("/events/" + id + "/actions/" + line + "/action/place", send.place());
              }
            });
  }

  private void condition(String pointer, Condition condition) {
    switch (condition) {
      case Condition.All all -> parts(pointer, all.parts());
      case Condition.Any any -> parts(pointer, any.parts());
      case Condition.Not not -> condition(pointer + "/of", not.of());
      case Condition.HeldFor held -> condition(pointer + "/of", held.of());
      case Condition.Near near -> place(pointer + "/place", near.place());
      default -> {}
    }
  }

  private void parts(String pointer, Map<String, Condition.Part> parts) {
    parts.forEach(
        (id, part) -> condition(pointer + "/parts/" + id + "/condition", part.condition()));
  }

  private void place(String pointer, Place place) {
    if (place instanceof Place.Point point) {
      position(pointer + "/position", point.position());
    }
  }

  private void position(String pointer, Position position) {
    Terrain terrain = mission.setting().terrain();
    if (position.x() > terrain.width() || position.y() > terrain.height()) {
      problems.add(
          new Problem(
              pointer,
              "lies off the ground, which is %s m x %s m (is %s, %s)"
                  .formatted(terrain.width(), terrain.height(), position.x(), position.y())));
    }
  }
}
