package app.fret.bench.fuzz;

import app.fret.book.BookException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;

/** Damages files and command lines for some seconds and reports every promise that is broken. */
public final class Fuzz {
  /** A case that takes longer hangs, in seconds. */
  private static final long MOST_SECONDS = 30;

  private final Path folder;
  private final Seeds seeds;
  private final List<String> faults = new ArrayList<>();
  private final Map<String, Integer> cases = new TreeMap<>();

  /**
   * A run.
   *
   * @param folder a folder of its own, for books and for what breaks a promise
   */
  public Fuzz(Path folder) throws IOException, BookException {
    this.folder = folder;
    this.seeds = new Seeds(folder);
  }

  /** Number of cases so far, by what was damaged. */
  public Map<String, Integer> cases() {
    return Map.copyOf(cases);
  }

  /** What was broken, each with its seed. */
  public List<String> faults() {
    return List.copyOf(faults);
  }

  /** Makes cases from seeds that count up until the time is over. */
  public void run(long firstSeed, long seconds) throws IOException {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
    for (long seed = firstSeed; System.nanoTime() < end; seed++) {
      runCase(seed);
    }
  }

  /** What is damaged in a case, and how often, of {@link #TURNS} cases. */
  private enum Kind {
    BOOK("books", 3),
    COMMAND("command lines with programmes", 3),
    PACKET("packets", 4),
    TUNE("ABC tunes", 8),
    PLAYED("MIDI files", 5),
    ARCHIVE("MXL archives", 1),
    SCORE("MusicXML files", 16);

    private final String words;
    private final int turns;

    Kind(String words, int turns) {
      this.words = words;
      this.turns = turns;
    }

    static Kind at(int turn) {
      int left = turn;
      for (Kind kind : values()) {
        left -= kind.turns;
        if (left < 0) {
          return kind;
        }
      }
      throw new IllegalArgumentException("turn " + turn);
    }
  }

  private static final int TURNS = 40;

  /** Makes one case. */
  void runCase(long seed) throws IOException {
    Random random = new Random(seed);
    Kind kind = Kind.at(random.nextInt(TURNS));
    cases.merge(kind.words, 1, Integer::sum);
    long started = System.nanoTime();
    byte[] bytes = damaged(kind, random);
    Optional<String> broken = broken(kind, seed, random, bytes);
    long seconds = TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - started);
    if (seconds > MOST_SECONDS) {
      broken = Optional.of("took " + seconds + " s");
    }
    if (broken.isPresent()) {
      report(kind, seed, broken.get(), bytes);
    }
  }

  private byte[] damaged(Kind kind, Random random) throws IOException {
    return switch (kind) {
      case BOOK -> seeds.book(random);
      case COMMAND -> new byte[0];
      case PACKET -> seeds.packet(random);
      case TUNE -> seeds.tune(random);
      case PLAYED -> seeds.played(random);
      case ARCHIVE, SCORE -> seeds.score(random, kind == Kind.ARCHIVE);
    };
  }

  private Optional<String> broken(Kind kind, long seed, Random random, byte[] bytes)
      throws IOException {
    boolean plan = random.nextInt(8) == 0;
    return switch (kind) {
      case BOOK -> BookPromises.broken(folder, bytes);
      case COMMAND -> CommandPromises.broken(random, seeds.plainScore(), seeds.programme(random));
      case PACKET -> packetBroken(bytes);
      case TUNE -> ScorePromises.broken("f" + seed + ".abc", bytes, plan);
      case PLAYED -> ScorePromises.broken("f" + seed + ".mid", bytes, plan);
      case ARCHIVE, SCORE -> ScorePromises.broken("f" + seed + ".musicxml", bytes, plan);
    };
  }

  private Optional<String> packetBroken(byte[] bytes) throws IOException {
    try {
      return PacketPromises.broken(folder, bytes);
    } catch (BookException e) {
      throw new IOException("an empty book cannot be made", e);
    }
  }

  private void report(Kind kind, long seed, String what, byte[] bytes) throws IOException {
    String words = what.length() > 600 ? what.substring(0, 600) + "…" : what;
    faults.add("seed " + seed + " (" + kind.words + "): " + words);
    Files.write(folder.resolve("f" + seed), bytes);
  }

  /**
   * {@code ./fret fuzz [SECONDS [SEED]]}: prints the seed, then every broken promise; the exit code
   * is 1 when there was one.
   */
  public static void main(String[] args) throws IOException, BookException {
    long seconds = args.length > 0 ? Long.parseLong(args[0]) : 60;
    long seed = args.length > 1 ? Long.parseLong(args[1]) : System.currentTimeMillis();
    Path folder = Files.createTempDirectory("fret-fuzz");
    System.out.println("seed " + seed + ", " + seconds + " s, broken cases go to " + folder);
    Fuzz fuzz = new Fuzz(folder);
    fuzz.run(seed, seconds);
    fuzz.faults().forEach(System.out::println);
    fuzz.cases().forEach((what, count) -> System.out.println(count + " " + what));
    int all = fuzz.cases().values().stream().mapToInt(Integer::intValue).sum();
    System.out.println(all + " cases, " + fuzz.faults().size() + " broken promises");
    System.exit(fuzz.faults().isEmpty() ? 0 : 1);
  }
}
