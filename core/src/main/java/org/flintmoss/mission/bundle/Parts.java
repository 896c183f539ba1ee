package org.flintmoss.mission.bundle;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.SortedMap;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Building;
import org.flintmoss.mission.ground.Course;
import org.flintmoss.mission.ground.Craft;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.ground.Deck;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Item;
import org.flintmoss.mission.ground.Marker;
import org.flintmoss.mission.ground.Note;
import org.flintmoss.mission.ground.PlaceName;
import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.ground.Prop;
import org.flintmoss.mission.ground.Road;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.ground.SpawnPoint;
import org.flintmoss.mission.ground.View;
import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.script.Answer;
import org.flintmoss.mission.script.Call;
import org.flintmoss.mission.script.Choice;
import org.flintmoss.mission.script.Conversation;
import org.flintmoss.mission.script.Counter;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.script.Flag;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.script.Timer;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.script.WavePlan;
import org.flintmoss.mission.unit.Band;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.zone.Zone;

/**
 * The things that a bundle is made of, by family as in a {@link Mission}. Their ids are the
 * bundle's own. Positions are metres east and north of the bundle's own south-west corner.
 */
public record Parts(
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Unit> units,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Squad> squads,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid SpawnPoint> spawnPoints,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Zone> zones,
    @Size(max = 20) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Course> courses,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Route> routes,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Post> posts,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Wall> walls,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Gate> gates,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Deck> decks,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Building> buildings,
    @Size(max = 50) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Road> roads,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Crossing> crossings,
    @Size(max = 1200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Prop> props,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Item> items,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Fixture> fixtures,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Marker> markers,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid PlaceName> placeNames,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Effect> effects,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Craft> craft,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid View> views,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Note> notes,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Band> bands,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Flag> flags,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Counter> counters,
    @Size(max = 200) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Timer> timers,
    @Size(max = 20) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Call> calls,
    @Size(max = 20) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Choice> choices,
    @Size(max = 120) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Answer> answers,
    @Size(max = 20) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Exchange> exchanges,
    @Size(max = 200)
        SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Conversation> conversations,
    @Size(max = 20) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid WavePlan> wavePlans,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Wave> waves,
    @Size(max = 100) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Objective> objectives,
    @Size(max = 20) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Ending> endings,
    @Size(max = 500) SortedMap<@Pattern(regexp = Id.PATTERN) String, @Valid Event> events) {
  /** The families that can be part of a bundle. */
  public static final List<Family> FAMILIES =
      Arrays.stream(Parts.class.getRecordComponents())
          .map(component -> Family.of(component.getName()))
          .toList();
}
