package app.fret.bench.fuzz;

import app.fret.cli.Main;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** What Fret promises of any line of words: an answer, or one plain line and exit code 2. */
final class CommandPromises {
  private static final List<String> OPTIONS =
      List.of(
          "--instrument",
          "--part",
          "--bars",
          "--target",
          "--beat",
          "--profile",
          "--hand",
          "--pin",
          "--alternatives",
          "--tuning",
          "--string-length",
          "--a",
          "--reach",
          "--crawl",
          "--slide",
          "--bass-school",
          "--setup",
          "--json",
          "--text",
          "--out",
          "--overwrite",
          "--kind",
          "--notes",
          "--number",
          "--list",
          "--at",
          "--click",
          "--silent",
          "--count-in",
          "--drone",
          "--stroke",
          "--clean",
          "--today",
          "--days",
          "--seed",
          "--ics",
          "--csv",
          "--ways",
          "--grid",
          "--swing",
          "--legato",
          "--wat",
          "-",
          "");

  private static final List<String> COMMANDS =
      List.of("plan", "drill", "sound", "schedule", "convert");

  private static final List<String> VALUES =
      List.of(
          "violin",
          "viola",
          "cello",
          "bass",
          "secure",
          "singing",
          "1",
          "2-3",
          "9-1",
          "-",
          "0",
          "-5",
          "1e9",
          "1e400",
          "-0.0",
          "1000.5",
          "NaN",
          "quarter",
          "bar",
          "small",
          "9999",
          "3:1=II:3",
          "1:1=IV:4",
          "x",
          "",
          " ",
          "E5,A4,D4,A3",
          "H9",
          "440",
          "yes",
          "1-2-4",
          "low-c",
          "\u202e",
          "/dev/full",
          "gone/x.musicxml",
          "x.docx",
          "2147483648",
          "rhythm",
          "guide-slide",
          "3-against-2",
          "running",
          "4/2",
          "fifth",
          "2026-11-25",
          "2026-02-30",
          "9999-12-31",
          "1:1=cm:12",
          "x.wav",
          "x.abc",
          "x.mid",
          "on",
          "16");

  /** What a score is converted to, or cannot be. */
  private static final List<String> TARGETS = List.of(".abc", ".mid", ".mxl", ".txt", "");

  private CommandPromises() {}

  private static String one(Random random, List<String> all) {
    return all.get(random.nextInt(all.size()));
  }

  /**
   * Runs a random line; empty when all promises were held.
   *
   * @param score a score that can be played
   * @param programme a programme, damaged or not
   */
  static Optional<String> broken(Random random, String score, String programme) {
    String command = one(random, COMMANDS);
    List<String> words = new ArrayList<>(List.of(command));
    words.addAll(
        switch (command) {
          case "schedule" -> List.of(programme, "--today", "2026-11-25");
          case "convert" -> List.of(score, score + one(random, TARGETS), "--overwrite");
          default -> List.of(score, "--instrument", "violin");
        });
    int count = random.nextInt(5);
    for (int i = 0; i < count; i++) {
      words.add(one(random, OPTIONS));
      if (random.nextInt(5) > 0) {
        words.add(one(random, VALUES));
      }
    }
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    try {
      int exit = Main.run(new PrintWriter(out), new PrintWriter(err), words.toArray(String[]::new));
      String said = err.toString().strip();
      boolean refused =
          exit == 2
              && said.startsWith("fret: ")
              && said.lines().count() == 1
              && ScorePromises.isPlain(said);
      boolean writes = words.contains("--out") || command.equals("convert");
      boolean isPlain = said.lines().allMatch(ScorePromises::isPlain);
      boolean answered = exit == 0 && isPlain && (writes || !out.toString().isBlank());
      return refused || answered
          ? Optional.empty()
          : Optional.of(String.join(" ", words) + ": exit " + exit + ", said: " + said);
    } catch (RuntimeException e) {
      return Optional.of(String.join(" ", words) + " threw " + e);
    }
  }
}
