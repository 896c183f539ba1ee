package org.flintmoss.simulation.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.IntConsumer;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Measure.Scope;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Wake;

/** A row of {@link Measures}: which sentences ask for it, how it is read, and what wakes it. */
final class MeasureRow {
  /** Reads one number of the mission, or of the thing that is the subject. */
  interface OfMission {
    double read(ScriptContext context, int subject);
  }

  /** Reads one number of some units together. */
  interface OfCrowd {
    double read(ScriptContext context, Crowd who, int[] members);
  }

  /** Reads the number of one unit; the spot is where distances are measured from. */
  interface OfUnit {
    double read(ScriptContext context, int unit, int subject, Spot spot);
  }

  /** Tells which of those that change a fact is about. */
  interface Subjects {
    void tell(Fact fact, Plan plan, IntConsumer to);
  }

  /** What wakes the facts of a measure, and of which one each is. */
  record Waking(Wake wake, Subjects subjects) {}

  private static final Subjects SUBJECT = (fact, _, to) -> to.accept(fact.subject());
  private static final Subjects MEMBERS =
      (fact, _, to) -> java.util.Arrays.stream(fact.who().members()).forEach(to);
  private static final Subjects WHOLE = (_, _, to) -> to.accept(0);
  private static final Set<Wake> OF_ONE =
      Set.of(
          Wake.SEATS,
          Wake.STANCES,
          Wake.WAYPOINTS,
          Wake.WATER,
          Wake.BEEN_SEEN,
          Wake.KILLS,
          Wake.NOISES,
          Wake.CLOCK,
          Wake.EVERY_STEP);
  private static final Set<Wake> OF_UNITS =
      Set.of(Wake.HEALTH, Wake.ALERTNESS, Wake.BOUND, Wake.CARRIED);

  final Scope scope;
  final OfMission ofMission;
  final OfCrowd ofCrowd;
  final OfUnit ofUnit;
  final List<Waking> wakings = new ArrayList<>();
  final List<Class<? extends Record>> sentences = new ArrayList<>();
  private boolean withDead;
  private boolean suffered;

  private MeasureRow(Scope scope, OfMission ofMission, OfCrowd ofCrowd, OfUnit ofUnit) {
    this.scope = scope;
    this.ofMission = ofMission;
    this.ofCrowd = ofCrowd;
    this.ofUnit = ofUnit;
  }

  static MeasureRow ofMission(OfMission read) {
    return new MeasureRow(Scope.MISSION, read, null, null);
  }

  static MeasureRow ofCrowd(OfCrowd read) {
    return new MeasureRow(Scope.CROWD, null, read, null);
  }

  static MeasureRow ofEach(OfUnit read) {
    return new MeasureRow(Scope.UNIT, null, null, read);
  }

  /** The sentences that ask for it, by their records. */
  @SafeVarargs
  final MeasureRow in(Class<? extends Record>... sentences) {
    this.sentences.addAll(List.of(sentences));
    return this;
  }

  /** What it may change with: the subject, the units of whom it is measured, or all of it. */
  MeasureRow wokenBy(Wake wake) {
    return wokenBy(
        wake, OF_ONE.contains(wake) ? WHOLE : OF_UNITS.contains(wake) ? MEMBERS : SUBJECT);
  }

  /** What it may change with, where a fact is about another than its subject. */
  MeasureRow wokenBy(Wake wake, Subjects subjects) {
    wakings.add(new Waking(wake, subjects));
    return this;
  }

  /** The dead are counted too. */
  MeasureRow withDead() {
    withDead = true;
    return this;
  }

  /** It is the doing of who did it to somebody, not of whom it is measured. */
  MeasureRow suffered() {
    suffered = true;
    return this;
  }

  boolean countsDead() {
    return withDead;
  }

  boolean isSuffered() {
    return suffered;
  }
}
