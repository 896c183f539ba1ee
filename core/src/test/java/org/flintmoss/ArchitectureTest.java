package org.flintmoss;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import org.flintmoss.check.finding.Rule;

@AnalyzeClasses(packages = "org.flintmoss", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  /** Those whose result is defined to the last bit. */
  private static final Set<String> SAME_EVERYWHERE =
      Set.of("sqrt", "abs", "min", "max", "floor", "ceil", "clamp", "floorMod", "rint", "nextUp");

  /** What each package rests on, no more and no less. */
  private static final Map<String, String> PACKAGES =
      Map.ofEntries(
          Map.entry("mission", ""),
          Map.entry("terrain", "mission"),
          Map.entry("bundle", "mission terrain"),
          Map.entry("geometry", "mission"),
          Map.entry("navigation", "mission terrain"),
          Map.entry("script", "mission"),
          Map.entry("simulation", "mission navigation script terrain"),
          Map.entry("trial", "mission navigation script simulation"),
          Map.entry("check", "geometry mission navigation script simulation terrain"),
          Map.entry("balance", "mission script simulation terrain trial"),
          Map.entry("format", "geometry mission terrain trial"));

  private static final Map<String, String> ROOMS_OF_MISSION =
      Map.of(
          "word", "",
          "json", "word",
          "catalogue", "word",
          "ground", "catalogue word",
          "sentence", "catalogue ground word",
          "zone", "catalogue sentence word",
          "script", "sentence word",
          "unit", "catalogue sentence word",
          "bundle", "ground script unit word zone");

  private static final Map<String, String> ROOMS_OF_NAVIGATION =
      Map.of("land", "", "map", "land", "path", "map", "reach", "land map");

  private static final Map<String, String> ROOMS_OF_CHECK =
      Map.of("finding", "", "way", "finding", "script", "finding", "place", "finding script way");

  private static final Map<String, String> ROOMS_OF_SIMULATION =
      Map.ofEntries(
          Map.entry("plan", ""),
          Map.entry("state", "plan"),
          Map.entry("space", "plan state"),
          Map.entry("health", "plan space state"),
          Map.entry("perception", "health plan space state"),
          Map.entry("carriage", "health perception plan space state"),
          Map.entry("movement", "carriage plan space state"),
          Map.entry("decisions", "carriage health movement perception plan space state"),
          Map.entry("combat", "carriage decisions health perception plan space state"),
          Map.entry("arrival", "carriage combat health movement perception plan space state"),
          Map.entry("players", "arrival carriage decisions health perception plan space state"),
          Map.entry(
              "script",
              "arrival carriage decisions health movement perception plan players space state"),
          Map.entry("places", "arrival carriage combat health movement plan script space state"));

  @ArchTest
  static void everyPackageRestsOnWhatIsWritten(JavaClasses classes) {
    assertThat(
            Map.of(
                "packages", below("org.flintmoss", classes),
                "mission", below("org.flintmoss.mission", classes),
                "navigation", below("org.flintmoss.navigation", classes),
                "check", below("org.flintmoss.check", classes),
                "simulation", below("org.flintmoss.simulation", classes)))
        .containsEntry("packages", PACKAGES)
        .containsEntry("mission", ROOMS_OF_MISSION)
        .containsEntry("navigation", ROOMS_OF_NAVIGATION)
        .containsEntry("check", ROOMS_OF_CHECK)
        .containsEntry("simulation", ROOMS_OF_SIMULATION);
  }

  /** For each package right below another, those beside it that its classes use, sorted. */
  private static Map<String, String> below(String parent, JavaClasses classes) {
    Map<String, SortedSet<String>> uses = new TreeMap<>();
    for (JavaClass from : classes) {
      String room = room(parent, from);
      for (Dependency use :
          room.isEmpty() ? Set.<Dependency>of() : from.getDirectDependenciesFromSelf()) {
        String other = room(parent, use.getTargetClass());
        SortedSet<String> others = uses.computeIfAbsent(room, _ -> new TreeSet<>());
        if (!other.isEmpty() && !other.equals(room)) {
          others.add(other);
        }
      }
    }
    Map<String, String> told = new TreeMap<>();
    uses.forEach((room, others) -> told.put(room, String.join(" ", others)));
    return told;
  }

  private static String room(String parent, JavaClass of) {
    String name = of.getPackageName();
    return name.startsWith(parent + ".") ? name.substring(parent.length() + 1).split("\\.")[0] : "";
  }

  @ArchTest
  static final ArchRule theCoreKnowsNoServer =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.springframework..", "jakarta.servlet..", "java.sql..");

  @ArchTest
  static final ArchRule onlyWhatIsDrawnAsksTheLibraryOfGeometry =
      noClasses()
          .that()
          .resideOutsideOfPackage("org.flintmoss.geometry..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.locationtech.jts..");

  @ArchTest
  static final ArchRule whatRepeatsUsesOnlyMathThatIsTheSameEverywhere =
      noClasses()
          .that()
          .resideInAnyPackage(
              "org.flintmoss.simulation..",
              "org.flintmoss.script..",
              "org.flintmoss.navigation..",
              "org.flintmoss.terrain..",
              "org.flintmoss.mission..",
              "org.flintmoss.bundle..",
              "org.flintmoss.trial..",
              "org.flintmoss.balance..")
          .should()
          .accessTargetWhere(
              new DescribedPredicate<JavaAccess<?>>("Math that differs by machine") {
                @Override
                public boolean test(JavaAccess<?> access) {
                  return access.getTargetOwner().isEquivalentTo(Math.class)
                      && !SAME_EVERYWHERE.contains(access.getTarget().getName());
                }
              });

  @ArchTest
  static final ArchRule noTwoPackagesRestOnEachOther =
      slices().matching("org.flintmoss.(**)").should().beFreeOfCycles();

  private static final DescribedPredicate<JavaField> COLUMNS =
      DescribedPredicate.describe(
          "are columns",
          field -> field.getRawType().getName().contains("simulation.state.Column$"));

  /** A column is made by its owner, which alone sets it; the state lists it as it is made. */
  @ArchTest
  static final ArchRule onlyItsOwnerSetsAColumn =
      fields().that(COLUMNS).should().bePrivate().andShould().beFinal();

  @ArchTest
  static void everyRuleOfTheChecksIsLookedFor(JavaClasses classes) {
    assertThat(classes.get(Rule.class).getFields())
        .filteredOn(field -> field.getRawType().isEquivalentTo(Rule.class))
        .hasSize(Rule.values().length)
        .allSatisfy(
            field ->
                assertThat(field.getAccessesToSelf())
                    .as(field.getName())
                    .anyMatch(it -> !it.getOriginOwner().isEquivalentTo(Rule.class)));
  }

  @ArchTest
  static final ArchRule noClockNoSharedLuckInWhatRepeats =
      noClasses()
          .that()
          .resideInAnyPackage("org.flintmoss.simulation..", "org.flintmoss.trial..")
          .should()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.util.Random")
          .orShould()
          .callMethod(System.class, "nanoTime")
          .orShould()
          .callMethod(System.class, "currentTimeMillis");
}
