package app.fret.cli;

import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.WholeFile;
import app.fret.files.midi.MidiScore;
import app.fret.files.midi.MidiSettings;
import app.fret.files.scores.ScoreWriter;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** {@code fret convert IN OUT}: a part of a score in another format. */
final class ConvertCommand implements Command {
  private static final String GRID = "grid";
  private static final String SWING = "swing";
  private static final String LEGATO = "legato";
  private static final String PART = "part";
  private static final String OVERWRITE = "overwrite";

  @Override
  public String name() {
    return "convert";
  }

  @Override
  public String summary() {
    return "Writes a part of a score in another format and lists what that cannot hold.";
  }

  @Override
  public String synopsis() {
    return "IN OUT [options]   (the ending of OUT says the format: " + ScoreWriter.ENDINGS + ")";
  }

  @Override
  public OptionTable options() {
    return new OptionTable()
        .value(
            GRID, "VALUES", "Of played MIDI: auto, or values such as 1/16 or 1/16,1/8t (triplets).")
        .value(SWING, "auto|none", "Of played MIDI: swung eighths are written even (auto), or not.")
        .value(LEGATO, "auto|none", "Of played MIDI: short gaps are articulation (auto), or rests.")
        .value(PART, "N|NAME", "Number, from 1, or name of the part; the first by default.")
        .flag(OVERWRITE, "Lets OUT replace a file that is there already.");
  }

  @Override
  public void run(Arguments given, PrintWriter out, PrintWriter err) throws Exception {
    List<String> words = given.all("score to read", "file to write");
    ScoreInput input = new ScoreInput(words.get(0));
    Path file = OutputName.of(words.get(1));
    if (!ScoreWriter.knows(file)) {
      throw new IllegalArgumentException(
          file.getFileName()
              + ": Fret writes "
              + ScoreWriter.ENDINGS
              + "; end the name in one of them");
    }
    if (input.isSame(file)) {
      throw new IllegalArgumentException(
          file.getFileName() + " is the input itself, which is never replaced");
    }
    Score score = asSet(input.open(), given);
    Optional<String> part = given.text(PART);
    int chosen = part.isPresent() ? score.partOf(part.get()) : 0;
    ReadPassage read = score.read(chosen);
    List<String> left = new ArrayList<>(read.left());
    for (int other = 0; other < score.partNames().size(); other++) {
      if (other != chosen) {
        left.add("not written: part " + (other + 1) + ", " + score.partNames().get(other));
      }
    }
    WholeFile.write(
        file,
        given.has(OVERWRITE),
        stream ->
            ScoreWriter.write(read.passage(), file, stream)
                .forEach(l -> left.add("not held by the format: " + l)));
    left.forEach(l -> err.println("fret: " + l));
    out.println(file.getFileName() + " is written.");
  }

  /** A played score written down as the options say; for any other they say nothing. */
  private static Score asSet(Score score, Arguments given) throws ScoreRejectedException {
    MidiSettings settings =
        MidiSettings.USUAL
            .withGrid(given.text(GRID).orElse("auto"))
            .withSwing(isAuto(given, SWING))
            .withLegato(isAuto(given, LEGATO));
    if (score instanceof MidiScore played) {
      return played.with(settings);
    }
    if (!settings.equals(MidiSettings.USUAL)) {
      throw new IllegalArgumentException(
          score.place().file() + " is no MIDI file: --grid, --swing and --legato are for those");
    }
    return score;
  }

  private static boolean isAuto(Arguments given, String option) {
    String said = given.text(option).orElse("auto");
    if (!said.equals("auto") && !said.equals("none")) {
      throw new IllegalArgumentException("--" + option + " '" + said + "'; say auto or none");
    }
    return said.equals("auto");
  }
}
