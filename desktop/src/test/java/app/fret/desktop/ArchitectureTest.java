package app.fret.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The house stands as docs/architecture.md draws it. */
class ArchitectureTest {
  private static final String[] CORE = {
    "app.fret.score..",
    "app.fret.instrument..",
    "app.fret.lefthand..",
    "app.fret.bow..",
    "app.fret.practice..",
    "app.fret.study.."
  };
  private static JavaClasses house;

  @BeforeAll
  static void readClasses() {
    house =
        new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .withImportOption(
                place -> !place.contains("test-classes") && !place.contains("-tests.jar"))
            .importPackages("app.fret");
    assertThat(house.size()).isGreaterThan(150);
  }

  @Test
  void modulesDependOnlyTheWayTheArrowsPoint() {
    layeredArchitecture()
        .consideringOnlyDependenciesInAnyPackage("app.fret..")
        .layer("core")
        .definedBy(CORE)
        .layer("engraving")
        .definedBy("app.fret.engraving..")
        .layer("files")
        .definedBy("app.fret.files..")
        .layer("book")
        .definedBy("app.fret.book..")
        .layer("cli")
        .definedBy("app.fret.cli..")
        .layer("desktop")
        .definedBy("app.fret.desktop..")
        .whereLayer("desktop")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("cli")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("book")
        .mayOnlyBeAccessedByLayers("desktop")
        .whereLayer("files")
        .mayOnlyBeAccessedByLayers("book", "cli", "desktop")
        .whereLayer("engraving")
        .mayOnlyBeAccessedByLayers("files", "desktop")
        .check(house);
  }

  @Test
  void corePackagesFollowTheFlowOfData() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("score")
        .definedBy("app.fret.score..")
        .layer("instrument")
        .definedBy("app.fret.instrument..")
        .layer("lefthand")
        .definedBy("app.fret.lefthand..")
        .layer("bow")
        .definedBy("app.fret.bow..")
        .layer("practice")
        .definedBy("app.fret.practice..")
        .layer("study")
        .definedBy("app.fret.study..")
        .whereLayer("study")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("practice")
        .mayOnlyBeAccessedByLayers("study")
        .whereLayer("bow")
        .mayOnlyBeAccessedByLayers("practice", "study")
        .whereLayer("lefthand")
        .mayOnlyBeAccessedByLayers("bow", "practice", "study")
        .whereLayer("instrument")
        .mayOnlyBeAccessedByLayers("lefthand", "bow", "practice", "study")
        .check(house);
  }

  @Test
  void theLeftHandIsLaidOutHandThenEffortThenSearch() {
    noClasses()
        .that()
        .resideInAPackage("app.fret.lefthand.hand..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("app.fret.lefthand", "app.fret.lefthand.effort")
        .check(house);
    noClasses()
        .that()
        .resideInAPackage("app.fret.lefthand.effort..")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("app.fret.lefthand")
        .check(house);
  }

  @Test
  void coreKnowsNoWindowNoDatabaseAndNoFile() {
    noClasses()
        .that()
        .resideInAnyPackage(CORE)
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("javafx..", "java.sql..", "java.nio.file..", "java.net..", "java.awt..")
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName("java.io.File")
        .check(house);
  }

  @Test
  void coreHasNoClockAndNoChanceOfItsOwn() {
    noClasses()
        .that()
        .resideInAnyPackage(CORE)
        .should()
        .dependOnClassesThat()
        .haveFullyQualifiedName("java.util.Random")
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName("java.time.Clock")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .orShould()
        .callMethod(System.class, "nanoTime")
        .check(house);
  }

  @Test
  void onlyTheDesktopKnowsTheToolkit() {
    noClasses()
        .that()
        .resideOutsideOfPackage("app.fret.desktop..")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("javafx..")
        .check(house);
    noClasses()
        .that()
        .resideInAPackage("app.fret.desktop.model..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("javafx.scene..", "javafx.stage..")
        .check(house);
  }

  @Test
  void packagesAreFreeOfCycles() {
    slices().matching("app.fret.(**)").should().beFreeOfCycles().check(house);
  }

  @Test
  void exceptionsSayWhatTheyAre() {
    classes()
        .that()
        .areAssignableTo(Exception.class)
        .should()
        .haveSimpleNameEndingWith("Exception")
        .check(house);
  }

  @Test
  void everyPackageHasItsTour() throws IOException {
    List<Path> without = new ArrayList<>();
    Path root = Path.of("").toAbsolutePath().getParent();
    for (String module : List.of("core", "engraving", "files", "book", "cli", "desktop", "bench")) {
      try (Stream<Path> files = Files.walk(root.resolve(module).resolve("src/main/java"))) {
        files
            .filter(f -> f.toString().endsWith(".java"))
            .map(Path::getParent)
            .distinct()
            .filter(folder -> !Files.exists(folder.resolve("package-info.java")))
            .forEach(without::add);
      }
    }
    assertThat(without).isEmpty();
  }
}
