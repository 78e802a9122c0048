package app.fret.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Carries out what docs/architecture.md says of adding things, on a copy of the sources: each new
 * thing is an existing one under another name, in just the places that the recipe names.
 */
class RecipesTest {
  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
  private static final List<String> MODULES = List.of("core", "engraving", "files", "book", "cli");
  private static final String MUSIC =
      "X:1\nM:4/4\nL:1/16\nK:G\n!f!GABc d2B2 E2A2 d2g2|[K:alto]G,4 A,4 B,8|[K:treble]G8 D8|]\n";

  @TempDir private static Path scratch;
  private static URLClassLoader loader;
  private static Path music;

  @BeforeAll
  static void carryOut() throws Exception {
    music = Files.writeString(scratch.resolve("scratch.abc"), MUSIC);
    for (String module : Stream.concat(MODULES.stream(), Stream.of("desktop")).toList()) {
      copy(ROOT.resolve(module).resolve("src/main"), scratch.resolve(module));
    }
    effortTerm();
    termOfTheBow();
    trap();
    word();
    drill();
    command();
    instrument();
    lane();
    station();
    commandOfTheWindow();
    compile();
  }

  @AfterAll
  static void close() throws IOException {
    loader.close();
  }

  private static void effortTerm() throws IOException {
    String terms = "core/java/app/fret/lefthand/effort/";
    String own =
        like(terms + "string/OpenRingTerm.java", "OpenRingTerm", "ScratchTerm")
            .replace("\"open-ring\"", "\"scratch\"")
            .replace("LOUD = -0.03", "LOUD = -3")
            .replace("IN_HASTE = -0.06", "IN_HASTE = -3")
            .replace("The open string", "The scratched string");
    write(terms + "string/ScratchTerm.java", own);
    addLine(
        terms + "EffortTerms.java",
        "    terms.add(new OpenRingTerm());",
        "    terms.add(new app.fret.lefthand.effort.string.ScratchTerm());");
  }

  private static void termOfTheBow() throws IOException {
    String terms = "core/java/app/fret/bow/effort/";
    String own =
        like(terms + "LastTerm.java", "LastTerm", "ScratchedTerm")
            .replace("\"last\"", "\"scratched\"")
            .replace("The last note", "The scratched last note");
    write(terms + "ScratchedTerm.java", own);
    addLine(terms + "BowTerms.java", "          new LastTerm(),", "          new ScratchedTerm(),");
  }

  private static void trap() throws IOException {
    String traps = "core/java/app/fret/reading/traps/";
    String own =
        like(traps + "ClefRule.java", "ClefRule", "ScratchRule")
            .replace("CLEF_CHANGE", "SCRATCH")
            .replace("clef from here", "scratch from here");
    write(traps + "ScratchRule.java", own);
    addLine(traps + "Traps.java", "          new ClefRule(),", "          new ScratchRule(),");
    addLine(traps + "Trap.java", "    CLEF_CHANGE,", "    /** A scratch. */\n    SCRATCH,");
  }

  private static void word() throws IOException {
    Path glossary = scratch.resolve("core/resources/app/fret/reading/glossary.txt");
    Files.writeString(
        glossary, Files.readString(glossary) + "kratzend|de|character|-|scratching\n");
  }

  private static void drill() throws IOException {
    addBefore(
        "core/java/app/fret/practice/drill/DrillKind.java",
        "  BOW_ALONE(",
        "  SCRATCH(\"scratch\", \"Scratched notes\", BowDrills::doubledNotes, \"Scratch.\"),");
  }

  private static void command() throws IOException {
    String commands = "cli/java/app/fret/cli/";
    String own =
        like(commands + "SoundCommand.java", "SoundCommand", "ScratchCommand")
            .replace("return \"sound\";", "return \"scratch\";");
    write(commands + "ScratchCommand.java", own);
    addLine(
        commands + "Main.java", "          new SoundCommand(),", "          new ScratchCommand(),");
  }

  private static void instrument() throws IOException {
    String instruments = "core/resources/app/fret/instrument/";
    write(
        instruments + "kit.properties",
        like(instruments + "violin.properties", "name = violin", "name = kit"));
    replace(
        "core/java/app/fret/instrument/Instruments.java",
        "List.of(\"violin\",",
        "List.of(\"kit\", \"violin\",");
    addBefore(
        "files/java/app/fret/files/PartNames.java",
        "          name(\"viola\",",
        "          name(\"kit\", \"kits?\"),");
  }

  private static void lane() throws IOException {
    String lanes = "desktop/java/app/fret/desktop/music/lane/";
    write(lanes + "ScratchLane.java", like(lanes + "AmountLane.java", "AmountLane", "ScratchLane"));
    replace(lanes + "Lanes.java", "new AmountLane())", "new AmountLane(), new ScratchLane())");
  }

  private static void station() throws IOException {
    String stations = "desktop/java/app/fret/desktop/view/station/";
    write(
        stations + "ScratchStation.java",
        like(stations + "ShapeStation.java", "ShapeStation", "ScratchStation"));
    replace(
        stations + "Station.java",
        "List.of(READ, ",
        "List.of(new Station(\"scratch\", \"Scratch\", \"Ctrl+9\", List.of(),"
            + " (d, s) -> new ScratchStation(d), ShapePanel::new), READ, ");
  }

  private static void commandOfTheWindow() throws IOException {
    replace(
        "desktop/java/app/fret/desktop/model/passage/Command.java",
        "          UNDO,\n",
        "          new Command(\"Scratch\", keys(\"Ctrl+F9\"), PassageDesk::undo),\n          UNDO,\n");
  }

  private static String like(String file, String name, String other) throws IOException {
    String text = Files.readString(scratch.resolve(file));
    assertThat(text).contains(name);
    return text.replace(name, other);
  }

  private static void write(String file, String text) throws IOException {
    Files.writeString(scratch.resolve(file), text);
  }

  private static void addLine(String file, String line, String added) throws IOException {
    replace(file, line + "\n", line + "\n" + added + "\n");
  }

  private static void addBefore(String file, String line, String added) throws IOException {
    replace(file, line, added + "\n" + line);
  }

  private static void replace(String file, String words, String others) throws IOException {
    write(file, like(file, words, others));
  }

  private static void copy(Path from, Path to) throws IOException {
    try (Stream<Path> files = Files.walk(from)) {
      for (Path file : files.toList()) {
        Path there = to.resolve(from.relativize(file).toString());
        if (Files.isDirectory(file)) {
          Files.createDirectories(there);
        } else {
          Files.copy(file, there, StandardCopyOption.REPLACE_EXISTING);
        }
      }
    }
  }

  private static void compile() throws IOException {
    Path classes = Files.createDirectory(scratch.resolve("classes"));
    List<Path> sources = new ArrayList<>();
    List<URL> places = new ArrayList<>(List.of(classes.toUri().toURL()));
    for (String module : Stream.concat(MODULES.stream(), Stream.of("desktop")).toList()) {
      places.add(scratch.resolve(module).resolve("resources").toUri().toURL());
      try (Stream<Path> files = Files.walk(scratch.resolve(module).resolve("java"))) {
        files
            .filter(f -> f.toString().endsWith(".java") && !f.endsWith("package-info.java"))
            .forEach(sources::add);
      }
    }
    String path = System.getProperty("java.class.path");
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    StringWriter said = new StringWriter();
    try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
      boolean compiled =
          compiler
              .getTask(
                  said,
                  files,
                  null,
                  List.of("-d", classes.toString(), "-cp", path, "-proc:none", "-nowarn"),
                  null,
                  files.getJavaFileObjectsFromPaths(sources))
              .call();
      assertThat(compiled).as(said.toString()).isTrue();
    }
    for (String entry : path.split(File.pathSeparator)) {
      places.add(Path.of(entry).toUri().toURL());
    }
    loader = new URLClassLoader(places.toArray(URL[]::new), ClassLoader.getPlatformClassLoader());
  }

  private static String fret(String... words) throws Exception {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    Object exit =
        loader
            .loadClass("app.fret.cli.Main")
            .getMethod("run", PrintWriter.class, PrintWriter.class, String[].class)
            .invoke(null, new PrintWriter(out), new PrintWriter(err), words);
    assertThat(exit).as(err.toString()).isEqualTo(0);
    return out.toString();
  }

  private static List<?> list(String type, String name) throws Exception {
    return (List<?>) loader.loadClass(type).getField(name).get(null);
  }

  @Test
  void anEffortTermIsHeard() throws Exception {
    assertThat(fret("plan", music.toString(), "--instrument", "violin"))
        .contains("The scratched string");
  }

  @Test
  void aTermOfTheBowIsHeard() throws Exception {
    assertThat(fret("plan", music.toString(), "--instrument", "violin", "--stroke", "3:2=up"))
        .contains("The scratched last note");
  }

  @Test
  void aTrapIsFound() throws Exception {
    assertThat(fret("plan", music.toString(), "--instrument", "violin"))
        .contains("scratch from here");
  }

  @Test
  void aWordIsKnown() throws Exception {
    Path words = scratch.resolve("words.abc");
    Files.writeString(words, MUSIC.replace("!f!G", "\"^kratzend\"G"));
    assertThat(fret("plan", words.toString(), "--instrument", "violin")).contains("scratching");
  }

  @Test
  void aDrillIsMade() throws Exception {
    assertThat(
            fret(
                "drill", music.toString(), "--instrument", "violin", "--kind", "scratch", "--json"))
        .contains("Scratched notes");
  }

  @Test
  void aCommandIsListed() throws Exception {
    assertThat(fret("--help")).contains("scratch");
  }

  @Test
  void anInstrumentIsPlayed() throws Exception {
    assertThat(fret("plan", music.toString(), "--instrument", "kit")).contains("\"kit\"");
  }

  @Test
  void aLaneStandsUnderTheMusic() throws Exception {
    assertThat(list("app.fret.desktop.music.lane.Lanes", "SHAPE"))
        .anySatisfy(lane -> assertThat(lane.getClass().getSimpleName()).isEqualTo("ScratchLane"));
  }

  @Test
  void aStationHasItsTab() throws Exception {
    assertThat(list("app.fret.desktop.view.station.Station", "ALL"))
        .anySatisfy(station -> assertThat(station.toString()).contains("Scratch"));
  }

  @Test
  void aCommandOfTheWindowIsListed() throws Exception {
    assertThat(list("app.fret.desktop.model.passage.Command", "ALL"))
        .anySatisfy(command -> assertThat(command.toString()).contains("Scratch"));
  }
}
