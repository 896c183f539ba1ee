package org.flintmoss.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "org.flintmoss.server")
class HouseRulesTest {
  @ArchTest
  static final ArchRule springsOwnJunitExtensionIsNotUsed =
      noClasses()
          .should()
          .dependOnClassesThat()
          .haveFullyQualifiedName("org.springframework.boot.test.context.SpringBootTest")
          .orShould()
          .dependOnClassesThat()
          .resideInAPackage("org.springframework.test.context.junit.jupiter..")
          .because("it needs a newer JUnit than the JUnit 5 used here and fails at run time")
          .allowEmptyShould(true);

  @ArchTest
  static final ArchRule noTwoPackagesRestOnEachOther =
      slices().matching("org.flintmoss.server.(**)").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule whatAllFeaturesShareKnowsNoFeature =
      noClasses()
          .that()
          .resideInAPackage("org.flintmoss.server.web..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.flintmoss.server.missions..", "org.flintmoss.server.trials..");
}
