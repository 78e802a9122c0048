package app.fret.bench.fuzz;

import app.fret.engraving.Engraver;
import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.files.musicxml.ScoreOutput;
import app.fret.files.scores.ScoreFiles;
import app.fret.instrument.Instruments;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.PinConflictException;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.MarkedPassage;
import app.fret.study.Study;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.regex.Pattern;

/** What Fret promises of any file that calls itself a score. */
final class ScorePromises {
  /** Longest passage that is planned here; reading and writing are checked for all. */
  private static final int MOST_EVENTS_PLANNED = 400;

  private static final Pattern CLASS_NAME =
      Pattern.compile("\\b(app|java|javax|org|com|sun)\\.[a-z]+\\.|Exception|\\bnull\\b");

  /** What stands in the player's own file may hold any word. */
  private static final Pattern QUOTED = Pattern.compile("'[^']*'");

  private ScorePromises() {}

  /**
   * Holds a file to all promises.
   *
   * @param name its name, by which every refusal must begin
   * @param plan whether it is planned and drawn too
   * @return what was broken; empty when nothing was
   */
  static Optional<String> broken(String name, byte[] bytes, boolean plan) {
    try {
      Score score = new ScoreFiles().open(name, bytes);
      for (int part = 0; part < Math.min(3, score.partNames().size()); part++) {
        Optional<String> broken = brokenByPart(score, part, plan);
        if (broken.isPresent()) {
          return broken;
        }
      }
      return Optional.empty();
    } catch (ScoreRejectedException e) {
      return badWords(name, e.getMessage());
    } catch (IOException | RuntimeException | StackOverflowError e) {
      return Optional.of("threw " + e + at(e));
    }
  }

  private static String at(Throwable fault) {
    StackTraceElement[] trace = fault.getStackTrace();
    return trace.length == 0 ? "" : " at " + trace[0];
  }

  private static Optional<String> brokenByPart(Score score, int part, boolean plan)
      throws ScoreRejectedException, IOException {
    ReadPassage read = score.read(part);
    for (String left : read.left()) {
      if (!isPlain(left)) {
        return Optional.of("lists what no page can show: " + left);
      }
    }
    Optional<String> broken = brokenByRoundTrip(read.passage());
    return broken.isPresent() || !plan ? broken : brokenByPlan(read);
  }

  private static Optional<String> brokenByRoundTrip(Passage passage) throws IOException {
    for (String form : new String[] {"back.musicxml", "back.mxl"}) {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ScoreOutput.write(passage, Path.of(form), out);
      try {
        Passage back = new MusicXmlReader().open(form, out.toByteArray()).read(0).passage();
        if (!back.equals(passage)) {
          return Optional.of("reads back otherwise: " + difference(passage, back));
        }
      } catch (ScoreRejectedException e) {
        return Optional.of("refuses what it wrote: " + e.getMessage());
      }
    }
    return Optional.empty();
  }

  private static String difference(Passage one, Passage other) {
    if (!one.bars().equals(other.bars())) {
      return "bars " + one.bars() + " => " + other.bars();
    }
    for (int i = 0; i < Math.min(one.events().size(), other.events().size()); i++) {
      if (!one.events().get(i).equals(other.events().get(i))) {
        return one.events().get(i) + " => " + other.events().get(i);
      }
    }
    return one.slurs().equals(other.slurs()) && one.tuplets().equals(other.tuplets())
        ? one.directions() + " " + one.title() + " => " + other.directions() + " " + other.title()
        : one.slurs() + " " + one.tuplets() + " => " + other.slurs() + " " + other.tuplets();
  }

  /** A passage is planned for the instrument that its part names, or refused in words. */
  private static Optional<String> brokenByPlan(ReadPassage read) throws IOException {
    if (read.passage().events().size() > MOST_EVENTS_PLANNED) {
      return Optional.empty();
    }
    String name =
        Instruments.NAMES.stream()
            .filter(n -> read.passage().partName().toLowerCase(java.util.Locale.ROOT).contains(n))
            .findFirst()
            .orElse("violin");
    try {
      Player player = Player.of("", Instruments.named(name)).tunedFor(read.tuning());
      Tempo tempo = read.passage().printedTempo().orElse(new Tempo(BeatUnit.QUARTER, 90));
      Study study = Study.of(read.passage(), player, Choices.at(tempo));
      new Engraver().engrave(MarkedPassage.of(study), 120);
      return brokenByRoundTrip(MarkedPassage.of(study));
    } catch (OutOfRangeException | PinConflictException | IllegalArgumentException e) {
      return isPlain(e.getMessage()) ? Optional.empty() : Optional.of("says " + e.getMessage());
    }
  }

  private static Optional<String> badWords(String name, String message) {
    if (!message.startsWith(name)) {
      return Optional.of("does not name the file: " + message);
    }
    return isPlain(message) ? Optional.empty() : Optional.of("does not say it plainly: " + message);
  }

  /** Whether a sentence can be shown: no steering characters, no names of classes. */
  static boolean isPlain(String sentence) {
    boolean shown =
        sentence
            .codePoints()
            .noneMatch(
                c ->
                    Character.isISOControl(c)
                        || Character.getType(c) == Character.FORMAT
                        || Character.getType(c) == Character.SURROGATE);
    String said = QUOTED.matcher(sentence).replaceAll("");
    return shown && !CLASS_NAME.matcher(said).find();
  }
}
