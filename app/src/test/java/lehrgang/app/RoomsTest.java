package lehrgang.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/// Holds the rooms of the house to their one direction.
@AnalyzeClasses(packages = "lehrgang", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {
  @ArchTest
  static final ArchRule ARROWS_POINT_ONE_WAY =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("core")
          .definedBy("lehrgang.core..")
          .layer("documents")
          .definedBy("lehrgang.documents..")
          .layer("desktop")
          .definedBy("lehrgang.desktop..")
          .layer("app")
          .definedBy("lehrgang.app..")
          .whereLayer("app")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("desktop")
          .mayOnlyBeAccessedByLayers("app")
          .whereLayer("documents")
          .mayOnlyBeAccessedByLayers("desktop", "app")
          .because("app knows desktop, desktop knows documents, documents knows core");

  @ArchTest
  static final ArchRule THE_CORE_HAS_NO_WINDOW_NO_FILES_AND_NO_CLOCK =
      noClasses()
          .that()
          .resideInAPackage("lehrgang.core..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "javafx..", "java.awt..", "java.io..", "java.nio.file..", "java.net..")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.time.Clock")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.time.Instant")
          .orShould()
          .callMethod(java.time.LocalDate.class, "now")
          .because("the computation belongs in core, and what touches the machine in documents");

  @ArchTest
  static final ArchRule ONLY_PROCEDURES_KNOW_PROCEDURES =
      noClasses()
          .that()
          .resideInAPackage("lehrgang.core..")
          .and()
          .resideOutsideOfPackages("lehrgang.core.procedure..", "lehrgang.core.marking..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("lehrgang.core.procedure..")
          .because("a new test must not need a change elsewhere in core");

  @ArchTest
  static final ArchRule VIEWS_DO_NOT_KNOW_ONE_PROCEDURE_FROM_ANOTHER =
      noClasses()
          .that()
          .resideInAnyPackage("lehrgang.documents..", "lehrgang.desktop..")
          .should()
          .dependOnClassesThat()
          .haveSimpleNameStartingWith("Independence")
          .because("views read blocks, whatever procedure laid them out");

  @ArchTest
  static final ArchRule NUMBERS_KNOW_NOTHING_ABOVE_THEM =
      classes()
          .that()
          .resideInAPackage("lehrgang.core.number..")
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "lehrgang.core.number..",
              "java..",
              "org.apache.commons.numbers..",
              "ch.obermuhlner..")
          .because("number is the lowest room");

  @ArchTest
  static final ArchRule FORMULAS_KNOW_NUMBERS_ONLY =
      classes()
          .that()
          .resideInAPackage("lehrgang.core.expr..")
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage("lehrgang.core.expr..", "lehrgang.core.number..", "java..")
          .because("a formula is data; what is read from it lives in the rooms above");
}
