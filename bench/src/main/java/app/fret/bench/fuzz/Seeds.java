package app.fret.bench.fuzz;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.desktop.demo.DemoBook;
import app.fret.files.ScoreRejectedException;
import app.fret.files.packet.PacketWriter;
import app.fret.files.scores.ScoreFiles;
import app.fret.files.scores.ScoreWriter;
import app.fret.score.Passage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** The whole files that are damaged: the demo's music in every format, its book, its packet. */
final class Seeds {
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

  private static final String PROGRAMME =
      """
      {"format":"fret-programme","version":1,"player":{"minutesPerDay":45,"daysOff":["sunday"],
      "minutesByWeekday":{"saturday":90},"instruments":["violin"]},
      "week":[{"weekday":"monday","cards":[{"item":"a","kind":"drill","minutes":8,"spot":"2:1"}]}],
      "rounds":[{"name":"first","date":"2027-01-10","items":["a"]}],
      "items":[{"id":"a","file":"plain.musicxml","instrument":"violin","clean":50,"bars":"1-4",
      "due":"2027-02-01","notes":["jury: lighter"],"target":{"beat":"quarter","perMinute":96}},
      {"id":"s","kind":"study","title":"Study","minutes":8}],
      "log":[{"item":"a","date":"2026-11-24","beat":"half","perMinute":30,"clean":true,"seconds":30},
      {"item":"s","date":"2026-11-23","perMinute":60,"clean":true,"seconds":480,"card":"study"}]}
      """;

  private final Path folder;
  private final List<String> scores = new ArrayList<>();
  private final List<byte[]> tunes = new ArrayList<>();
  private final List<byte[]> played = new ArrayList<>();
  private final byte[] book;
  private final byte[] packet;

  /**
   * All of them.
   *
   * @param folder where {@code plain.musicxml}, damaged books and programmes are laid
   */
  Seeds(Path folder) throws IOException, BookException {
    this.folder = folder;
    for (String score : SCORES) {
      scores.add(new String(resource(score + ".musicxml"), StandardCharsets.UTF_8));
    }
    for (String score : scores) {
      addOtherFormats(score);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Path file;
    try (Book demo = DemoBook.open(Clock.systemDefaultZone())) {
      file = demo.file();
      PacketWriter.write(demo.packet(demo.players().rows().get(0).id()), out);
    }
    this.book = Files.readAllBytes(file);
    this.packet = out.toByteArray();
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

  /** A score that can be played, as a file. */
  String plainScore() {
    return folder.resolve("plain.musicxml").toString();
  }

  /** A damaged MusicXML score, at times in a damaged archive. */
  byte[] score(Random random, boolean isZipped) throws IOException {
    Mutator mutator = new Mutator(random);
    byte[] damaged = mutator.damage(scores.get(random.nextInt(scores.size())));
    return isZipped ? mutator.damageBytes(zipped(Map.of("score.xml", damaged))) : damaged;
  }

  /** A damaged tune. */
  byte[] tune(Random random) {
    return new TextDamage(random).of(tunes.get(random.nextInt(tunes.size())));
  }

  /** Damaged played notes. */
  byte[] played(Random random) {
    return damaged(random, played.get(random.nextInt(played.size())));
  }

  /** A damaged programme, as a file; one in four is whole. */
  String programme(Random random) throws IOException {
    byte[] plain = PROGRAMME.getBytes(StandardCharsets.UTF_8);
    boolean isWhole = random.nextInt(4) == 0;
    Path file = folder.resolve("programme.json");
    Files.write(file, isWhole ? plain : new TextDamage(random).of(plain));
    return file.toString();
  }

  /** A book with damaged bytes, or with values that no Fret writes. */
  byte[] book(Random random) throws IOException {
    return random.nextInt(3) == 0 ? damaged(random, book) : new BookDamage(random).of(book, folder);
  }

  /** A packet with damaged bytes, or with a damaged description or piece of music inside. */
  byte[] packet(Random random) throws IOException {
    if (random.nextInt(5) == 0) {
      return damaged(random, packet);
    }
    Map<String, byte[]> entries = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(packet))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        entries.put(entry.getName(), zip.readAllBytes());
      }
    }
    List<String> names = new ArrayList<>(entries.keySet());
    String description = names.stream().filter(n -> n.endsWith(".json")).findFirst().orElseThrow();
    String name = random.nextInt(4) > 0 ? description : names.get(random.nextInt(names.size()));
    entries.computeIfPresent(name, (n, bytes) -> new TextDamage(random).of(bytes));
    return zipped(entries);
  }

  private static byte[] damaged(Random random, byte[] seed) {
    Mutator mutator = new Mutator(random);
    byte[] bytes = seed;
    int count = 1 + random.nextInt(4);
    for (int i = 0; i < count; i++) {
      bytes = mutator.damageBytes(bytes);
    }
    return bytes;
  }

  private static byte[] zipped(Map<String, byte[]> entries) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
        zip.putNextEntry(new ZipEntry(entry.getKey()));
        zip.write(entry.getValue());
      }
    }
    return out.toByteArray();
  }
}
