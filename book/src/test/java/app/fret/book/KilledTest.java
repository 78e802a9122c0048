package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.PlayerSetup;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Real programs are killed at random moments of writing, making and migrating a book, from every
 * older version in turn. Twenty of each here; {@code ./fret kills 200} asks for more.
 */
class KilledTest {
  private static final int KILLS = Integer.getInteger("fret.kills", 20);

  /** Kills fall within so many times what making a book takes on this machine today. */
  private static final int TIMES_MAKING = 2;

  @TempDir private Path folder;
  private final Random random = new Random(KILLS);

  private Path file(int kill) throws IOException {
    return Files.createDirectories(folder.resolve("k" + kill)).resolve("killed.fretbook");
  }

  private static Process start(String what, Path file) throws IOException {
    return new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC",
            "-cp",
            System.getProperty("java.class.path"),
            Victims.class.getName(),
            what,
            file.toString())
        .redirectErrorStream(true)
        .start();
  }

  private static BufferedReader linesOf(Process victim) {
    return new BufferedReader(
        new InputStreamReader(victim.getInputStream(), StandardCharsets.UTF_8));
  }

  /** What making a book takes once the program has started, in ms. */
  private int makingMs() throws IOException {
    Process victim = start("make", file(-1));
    try (BufferedReader lines = linesOf(victim)) {
      assertThat(lines.readLine()).isEqualTo("ready");
      long ready = System.nanoTime();
      assertThat(lines.readLine()).isEqualTo("made");
      return (int) Math.max(50, (System.nanoTime() - ready) / 1_000_000);
    } finally {
      victim.toHandle().destroyForcibly();
    }
  }

  /** Runs a victim, kills it some time after it is ready, and hands back all it said. */
  private List<String> kill(String what, Path file, int longestMs)
      throws IOException, InterruptedException {
    Process victim = start(what, file);
    List<String> said = new ArrayList<>();
    try (BufferedReader lines = linesOf(victim)) {
      said.add(lines.readLine());
      assertThat(victim.waitFor(random.nextInt(longestMs), TimeUnit.MILLISECONDS))
          .as("it said %s", said)
          .isFalse();
      victim.toHandle().destroyForcibly();
      lines.lines().forEach(said::add);
    }
    assertThat(victim.waitFor(30, TimeUnit.SECONDS)).isTrue();
    return said;
  }

  private static void nothingIsLeftBeside(Path file) throws IOException {
    try (Stream<Path> files = Files.list(file.getParent())) {
      assertThat(files.map(f -> f.getFileName().toString()))
          .allMatch(
              n -> n.matches("killed\\.fretbook(\\.v\\d+\\.backup)?|\\.killed\\.fretbook\\.lock"));
    }
  }

  @Test
  void nothingThatWasKeptIsLostWhenTheWriterIsKilled() throws Exception {
    int written = 0;
    int longestMs = TIMES_MAKING * makingMs();
    for (int i = 0; i < KILLS; i++) {
      Path file = file(i);
      try (Book book = Book.open(file)) {
        long player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
        book.addPassage(BookTest.passage(player, "Study"));
      }
      List<String> said = kill("write", file, longestMs);
      int kept = lastWhole(said.subList(1, said.size()));
      try (Book book = Book.open(file)) {
        assertThat(book.log(1).unreadable()).isEmpty();
      }
      List<Long> log = secondsInLog(file);
      assertThat(log).hasSizeBetween(kept, kept + 1);
      for (int entry = 0; entry < log.size(); entry++) {
        assertThat(log.get(entry)).isEqualTo(entry + 1);
      }
      nothingIsLeftBeside(file);
      written += kept;
    }
    assertThat(written).as("passes kept before the kills").isGreaterThan(KILLS);
  }

  /**
   * Every pass in the file, also those that a book, which reads the newest only, would not show.
   */
  private static List<Long> secondsInLog(Path file) throws SQLException {
    List<Long> seconds = new ArrayList<>();
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery("SELECT logged_at FROM log_entry ORDER BY id")) {
      while (rows.next()) {
        seconds.add(Instant.parse(rows.getString(1)).getEpochSecond());
      }
    }
    return seconds;
  }

  /** The last line may be torn: 104 can arrive as 10. Only a number that follows on counts. */
  private static int lastWhole(List<String> said) {
    int kept = 0;
    for (String line : said) {
      kept = line.equals(String.valueOf(kept + 1)) ? kept + 1 : kept;
    }
    return kept;
  }

  @Test
  void aBookWhoseMakerIsKilledIsWholeOrNotThere() throws Exception {
    int made = 0;
    int longestMs = TIMES_MAKING * makingMs();
    for (int i = 0; i < KILLS; i++) {
      Path file = file(i);
      boolean said = kill("make", file, longestMs).contains("made");
      made += said ? 1 : 0;
      try (Book book = Book.open(file)) {
        assertThat(book.players().rows()).hasSizeBetween(said ? 1 : 0, 1);
        book.addPlayer("next", PlayerSetup.usual("bass"));
      }
      nothingIsLeftBeside(file);
    }
    assertThat(made).as("some were killed before they were made").isLessThan(KILLS);
  }

  @Test
  void aBookThatIsKilledWhileItIsBroughtUpToDateLosesNothing() throws Exception {
    List<Path> old = new ArrayList<>();
    for (int version = 1; version < BookFile.NEWEST; version++) {
      old.add(OldBooks.of(version, folder.resolve("old" + version + ".fretbook")));
    }
    int opened = 0;
    int longestMs = TIMES_MAKING * makingMs();
    for (int i = 0; i < KILLS; i++) {
      Path file = Files.copy(old.get(i % old.size()), file(i));
      opened += kill("open", file, longestMs).contains("open") ? 1 : 0;
      try (Book book = Book.open(file)) {
        assertThat(book.readOnlyReason()).isEmpty();
        assertThat(book.choices(1).choices().pins()).hasSize(2);
        assertThat(book.choices(1).choices().profile().name()).isEqualTo("singing");
        assertThat(book.log(1).rows()).hasSize(1);
      }
      nothingIsLeftBeside(file);
    }
    assertThat(opened).as("some were killed before they were up to date").isLessThan(KILLS);
  }
}
