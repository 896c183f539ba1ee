package org.flintmoss;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Set;

@AnalyzeClasses(packages = "org.flintmoss", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  /** Those whose result is defined to the last bit. */
  private static final Set<String> SAME_EVERYWHERE =
      Set.of("sqrt", "abs", "min", "max", "floor", "floorMod", "rint", "nextUp");

  @ArchTest
  static final ArchRule packagesRestOnlyOnThoseAboveThem =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("mission")
          .definedBy("org.flintmoss.mission..")
          .layer("terrain")
          .definedBy("org.flintmoss.terrain..")
          .layer("bundle")
          .definedBy("org.flintmoss.bundle..")
          .layer("navigation")
          .definedBy("org.flintmoss.navigation..")
          .layer("script")
          .definedBy("org.flintmoss.script..")
          .layer("simulation")
          .definedBy("org.flintmoss.simulation..")
          .layer("trial")
          .definedBy("org.flintmoss.trial..")
          .layer("check")
          .definedBy("org.flintmoss.check..")
          .layer("balance")
          .definedBy("org.flintmoss.balance..")
          .layer("format")
          .definedBy("org.flintmoss.format..")
          .whereLayer("format")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("balance")
          .mayOnlyBeAccessedByLayers("format")
          .whereLayer("check")
          .mayOnlyBeAccessedByLayers("balance", "format")
          .whereLayer("trial")
          .mayOnlyBeAccessedByLayers("check", "balance", "format")
          .whereLayer("simulation")
          .mayOnlyBeAccessedByLayers("trial", "check", "balance", "format")
          .whereLayer("script")
          .mayOnlyBeAccessedByLayers("simulation", "trial", "check", "balance", "format")
          .whereLayer("navigation")
          .mayOnlyBeAccessedByLayers("script", "simulation", "trial", "check", "balance", "format")
          .whereLayer("bundle")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("terrain")
          .mayOnlyBeAccessedByLayers(
              "bundle",
              "navigation",
              "script",
              "simulation",
              "trial",
              "check",
              "balance",
              "format");

  @ArchTest
  static final ArchRule theCoreKnowsNoServer =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.springframework..", "jakarta.servlet..", "java.sql..");

  @ArchTest
  static final ArchRule whatRepeatsUsesOnlyMathThatIsTheSameEverywhere =
      noClasses()
          .that()
          .resideInAnyPackage(
              "org.flintmoss.simulation..",
              "org.flintmoss.script..",
              "org.flintmoss.navigation..",
              "org.flintmoss.terrain..")
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

  @ArchTest
  static final ArchRule nothingOfAStateCanBeForgotten =
      fields()
          .that()
          .areDeclaredInClassesThat()
          .haveFullyQualifiedName("org.flintmoss.simulation.state.State")
          .and()
          .areNotStatic()
          .and()
          .doNotHaveName("columns")
          .should()
          .haveRawType(
              DescribedPredicate.describe(
                  "a column", type -> type.getName().contains("simulation.state.Column$")));

  /** What every part of a run sets stands open in State; all else is its owner's alone. */
  @ArchTest
  static final ArchRule onlyItsOwnerSetsAColumn =
      fields()
          .that(COLUMNS)
          .and()
          .areDeclaredInClassesThat()
          .doNotHaveFullyQualifiedName("org.flintmoss.simulation.state.State")
          .should()
          .bePrivate()
          .andShould()
          .beFinal();

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
