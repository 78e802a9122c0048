package app.fret.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
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
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The house stands as docs/architecture.md draws it. */
class ArchitectureTest {
  /** Packages of core in the order data flows: each reads only from those before it. */
  private static final List<String> FLOW =
      List.of(
          "score",
          "edit",
          "instrument",
          "reading",
          "time",
          "shape",
          "harmony",
          "brief",
          "search",
          "leaning",
          "lefthand",
          "bow",
          "vibrato",
          "tuning",
          "practice",
          "sound",
          "study");

  /** The other modules, each with those it may read from beside core. */
  private static final Map<String, Set<String>> MODULES =
      Map.of(
          "engraving", Set.of(),
          "files", Set.of("engraving"),
          "book", Set.of("engraving", "files"),
          "cli", Set.of("engraving", "files"),
          "desktop", Set.of("engraving", "files", "book"));

  private static final String[] CORE =
      FLOW.stream().map(ArchitectureTest::within).toArray(String[]::new);

  private static JavaClasses house;

  private static String within(String room) {
    return "app.fret." + room + "..";
  }

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

  /** First word of each package below the root, as the class files say. */
  private static Set<String> rooms() {
    return house.stream()
        .map(c -> c.getPackageName().replaceFirst("^app\\.fret\\.?", "").split("\\.")[0])
        .collect(Collectors.toCollection(TreeSet::new));
  }

  @Test
  void everyRoomOfTheHouseIsKnownHere() {
    Set<String> known = new TreeSet<>(FLOW);
    known.addAll(MODULES.keySet());
    assertThat(rooms()).isEqualTo(known);
  }

  @Test
  void modulesDependOnlyTheWayTheArrowsPoint() {
    MODULES.forEach(
        (module, mayRead) -> {
          String[] others =
              MODULES.keySet().stream()
                  .filter(m -> !m.equals(module) && !mayRead.contains(m))
                  .map(ArchitectureTest::within)
                  .toArray(String[]::new);
          noClasses()
              .that()
              .resideInAPackage(within(module))
              .should()
              .dependOnClassesThat()
              .resideInAnyPackage(others)
              .check(house);
        });
    noClasses()
        .that()
        .resideInAnyPackage(CORE)
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            MODULES.keySet().stream().map(ArchitectureTest::within).toArray(String[]::new))
        .check(house);
  }

  @Test
  void corePackagesFollowTheFlowOfData() {
    for (int room = 0; room + 1 < FLOW.size(); room++) {
      String[] later =
          FLOW.subList(room + 1, FLOW.size()).stream()
              .map(ArchitectureTest::within)
              .toArray(String[]::new);
      noClasses()
          .that()
          .resideInAPackage(within(FLOW.get(room)))
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(later)
          .check(house);
    }
  }

  @Test
  void searchKnowsNoMusic() {
    noClasses()
        .that()
        .resideInAPackage("app.fret.search..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            FLOW.stream()
                .filter(r -> !r.equals("search"))
                .map(ArchitectureTest::within)
                .toArray(String[]::new))
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
