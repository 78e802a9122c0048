package app.fret.bench.fuzz;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.desktop.demo.DemoBook;
import app.fret.files.ScoreRejectedException;
import app.fret.files.packet.PacketWriter;
import app.fret.files.scores.ScoreFiles;
import app.fret.files.scores.ScoreWriter;
import app.fret.score.Passage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Damages files and command lines for some seconds and reports every promise that is broken. */
public final class Fuzz {
  private static final List<String> SCORES =
      List.of(
          "copper-hill",
          "gate-of-bells",
          "harbour-wind",
          "kestrel",
          "lantern-song",
          "low-water",
          "mill-race",
          "salt-road",
          "seven-steps",
          "tall-ship");

  /** A case that takes longer hangs, in seconds. */
  private static final long MOST_SECONDS = 30;

  private final Path folder;
  private final List<String> scores = new ArrayList<>();
  private final List<byte[]> tunes = new ArrayList<>();
  private final List<byte[]> played = new ArrayList<>();
  private final byte[] book;
  private final byte[] packet;
  private final List<String> faults = new ArrayList<>();
  private int cases;

  /**
   * A run.
   *
   * @param folder a folder of its own, for books and for what breaks a promise
   */
  public Fuzz(Path folder) throws IOException, BookException {
    this.folder = folder;
    for (String score : SCORES) {
      scores.add(new String(resource(score + ".musicxml"), StandardCharsets.UTF_8));
    }
    for (String score : scores) {
      addOtherFormats(score);
    }
    this.book = demoBook();
    this.packet = demoPacket();
    Files.writeString(folder.resolve("plain.musicxml"), scores.get(SCORES.indexOf("harbour-wind")));
  }

  /** The same music as a line of letters and as played notes. */
  private void addOtherFormats(String score) throws IOException {
    try {
      byte[] bytes = score.getBytes(StandardCharsets.UTF_8);
      Passage music = new ScoreFiles().open("seed.musicxml", bytes).read(0).passage();
      for (String name : List.of("seed.abc", "seed.mid")) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ScoreWriter.write(music, Path.of(name), out);
        (name.endsWith("abc") ? tunes : played).add(out.toByteArray());
      }
    } catch (ScoreRejectedException e) {
      throw new IOException("the demo music cannot be read", e);
    }
  }

  private static byte[] resource(String name) throws IOException {
    try (InputStream in = DemoBook.class.getResourceAsStream(name)) {
      return in.readAllBytes();
    }
  }

  private static byte[] demoBook() throws IOException, BookException {
    Path file;
    try (Book demo = DemoBook.open(Clock.systemDefaultZone())) {
      file = demo.file();
    }
    return Files.readAllBytes(file);
  }

  private static byte[] demoPacket() throws IOException, BookException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Book demo = DemoBook.open(Clock.systemDefaultZone())) {
      PacketWriter.write(demo.packet(demo.players().rows().get(0).id()), out);
    }
    return out.toByteArray();
  }

  private static final String PROGRAMME =
      """
      {"format":"fret-programme","version":1,"player":{"minutesPerDay":45,"daysOff":["sunday"]},
      "items":[{"id":"a","file":"plain.musicxml","instrument":"violin","clean":50,"bars":"1-4",
      "due":"2027-02-01","target":{"beat":"quarter","perMinute":96}},
      {"id":"s","kind":"study","title":"Study","minutes":8}],
      "log":[{"item":"a","date":"2026-11-24","beat":"half","perMinute":30,"clean":true,"seconds":30},
      {"item":"s","date":"2026-11-23","perMinute":60,"clean":true,"seconds":480,"card":"study"}]}
      """;

  private String programme(Random random) throws IOException {
    byte[] plain = PROGRAMME.getBytes(StandardCharsets.UTF_8);
    boolean isWhole = random.nextInt(4) == 0;
    Path file = folder.resolve("programme.json");
    Files.write(file, isWhole ? plain : damaged(random, plain));
    return file.toString();
  }

  /** Number of cases so far. */
  public int cases() {
    return cases;
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

  /** Makes one case. */
  void runCase(long seed) throws IOException {
    Random random = new Random(seed);
    cases++;
    long started = System.nanoTime();
    int kind = random.nextInt(40);
    Optional<String> broken;
    byte[] bytes = new byte[0];
    if (kind == 0) {
      bytes = new Mutator(random).damageBytes(book);
      broken = BookPromises.broken(folder, bytes);
    } else if (kind == 1) {
      String plain = folder.resolve("plain.musicxml").toString();
      broken = CommandPromises.broken(random, plain, programme(random));
    } else if (kind == 2) {
      bytes = damaged(random, packet);
      broken = packetBroken(bytes);
    } else if (kind < 10) {
      boolean typed = kind < 7;
      List<byte[]> seeds = typed ? tunes : played;
      bytes = damaged(random, seeds.get(random.nextInt(seeds.size())));
      String name = "f" + seed + (typed ? ".abc" : ".mid");
      broken = ScorePromises.broken(name, bytes, random.nextInt(8) == 0);
    } else {
      bytes = score(random, kind == 10);
      broken = ScorePromises.broken("f" + seed + ".musicxml", bytes, random.nextInt(8) == 0);
    }
    long seconds = TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - started);
    if (seconds > MOST_SECONDS) {
      broken = Optional.of("took " + seconds + " s");
    }
    if (broken.isPresent()) {
      report(seed, broken.get(), bytes);
    }
  }

  private static byte[] damaged(Random random, byte[] seed) {
    Mutator mutator = new Mutator(random);
    byte[] bytes = seed;
    for (int i = 0; i < 1 + random.nextInt(4); i++) {
      bytes = mutator.damageBytes(bytes);
    }
    return bytes;
  }

  private Optional<String> packetBroken(byte[] bytes) throws IOException {
    try {
      return PacketPromises.broken(folder, bytes);
    } catch (BookException e) {
      throw new IOException("an empty book cannot be made", e);
    }
  }

  private byte[] score(Random random, boolean isZipped) throws IOException {
    Mutator mutator = new Mutator(random);
    byte[] damaged = mutator.damage(scores.get(random.nextInt(scores.size())));
    return isZipped ? mutator.damageBytes(zipped(damaged)) : damaged;
  }

  private static byte[] zipped(byte[] score) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("score.xml"));
      zip.write(score);
    }
    return out.toByteArray();
  }

  private void report(long seed, String what, byte[] bytes) throws IOException {
    String words = what.length() > 600 ? what.substring(0, 600) + "…" : what;
    faults.add("seed " + seed + ": " + words);
    Files.write(folder.resolve("f" + seed + ".musicxml"), bytes);
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
    System.out.println(fuzz.cases() + " cases, " + fuzz.faults().size() + " broken promises");
    System.exit(fuzz.faults().isEmpty() ? 0 : 1);
  }
}
