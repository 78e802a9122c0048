package app.fret.bench.worked;

import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.files.scores.ScoreFiles;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.PinConflictException;
import app.fret.score.Passage;
import app.fret.study.Choices;
import app.fret.study.Study;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A passage with few marks and what a teacher would make of it.
 *
 * <p>An ABC tune in whose remarks stand {@code % phrases} and the places of their first notes,
 * {@code % peaks} and the places of some of their peaks, and {@code % pattern} with the bars, the
 * bowing that suits them and two that serve as well.
 *
 * @param id its name, such as {@code vc-b2}
 * @param music the tune
 * @param borders where phrases begin but the first, as bar and number of the note in it
 * @param peaks where phrases lead to
 * @param pattern the bars and the pattern, then the others
 */
record WorkedShape(
    String id, String music, List<String> borders, List<String> peaks, Pattern pattern) {
  private static final Map<String, String> INSTRUMENTS =
      Map.of("vn", "violin", "va", "viola", "vc", "cello", "db", "bass");

  /** Each instrument's five; the second half is read when all else is done. */
  private static final List<String> NAMES = List.of("a1", "a2", "a3", "b1", "b2");

  /**
   * Bars with the bowings that suit them.
   *
   * @param firstBar label of the first
   * @param lastBar label of the last
   * @param names the pattern that suits best, then the others
   */
  record Pattern(String firstBar, String lastBar, List<String> names) {
    Pattern {
      names = List.copyOf(names);
    }
  }

  WorkedShape {
    borders = List.copyOf(borders);
    peaks = List.copyOf(peaks);
  }

  /** All of one half, {@code a} or {@code b}. */
  static List<WorkedShape> read(String half) {
    List<WorkedShape> all = new ArrayList<>();
    for (String instrument : List.of("vn", "va", "vc", "db")) {
      NAMES.stream()
          .filter(n -> n.startsWith(half))
          .forEach(n -> all.add(of(instrument + "-" + n)));
    }
    return all;
  }

  private static WorkedShape of(String id) {
    try (InputStream in = WorkedShape.class.getResourceAsStream("shapes/" + id + ".abc")) {
      String music = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      List<String> phrases = remark(music, "phrases");
      String[] pattern = String.join(" ", remark(music, "pattern")).split("[ |,]+");
      String[] bars = pattern[0].split("-");
      return new WorkedShape(
          id,
          music,
          phrases.subList(1, phrases.size()),
          remark(music, "peaks"),
          new Pattern(bars[0], bars[1], List.of(pattern).subList(1, pattern.length)));
    } catch (IOException e) {
      throw new UncheckedIOException(id + " cannot be read", e);
    }
  }

  private static List<String> remark(String music, String name) {
    String begin = "% " + name + " ";
    return music
        .lines()
        .filter(l -> l.startsWith(begin))
        .map(l -> List.of(l.substring(begin.length()).split(" ")))
        .findFirst()
        .orElseThrow();
  }

  /** The passage planned at the tempo it is marked with. */
  Study study() {
    try {
      ReadPassage read =
          new ScoreFiles().open(id + ".abc", music.getBytes(StandardCharsets.UTF_8)).read(0);
      Passage passage = read.passage();
      PlayerSetup setup = PlayerSetup.usual(INSTRUMENTS.get(id.substring(0, 2)));
      Choices choices =
          Choices.at(read.intake().target(passage, Optional.empty(), Optional.empty()));
      return Study.of(passage, read.intake().player(setup, ""), choices);
    } catch (ScoreRejectedException | OutOfRangeException | PinConflictException e) {
      throw new IllegalStateException(id + " cannot be planned: " + e.getMessage(), e);
    }
  }
}
