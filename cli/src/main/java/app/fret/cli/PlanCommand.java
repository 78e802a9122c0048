package app.fret.cli;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.ReadPassage;
import app.fret.files.musicxml.ScoreFile;
import app.fret.files.plan.PlanJson;
import app.fret.files.plan.PlanText;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profiles;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Intake;
import app.fret.study.Study;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code fret plan FILE}: reads a score, plans it and prints the plan. */
@CommandLine.Command(
    name = "plan",
    description = "Plans fingers, bow and practice for a passage.",
    mixinStandardHelpOptions = true,
    versionProvider = Version.class,
    sortOptions = false)
final class PlanCommand implements Callable<Integer> {
  private static final int MOST_ALTERNATIVES = 3;

  @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

  @Parameters(
      index = "0",
      paramLabel = "FILE",
      description = "A .musicxml, .xml or .mxl file; - for standard input.")
  private String file;

  @Option(names = "--instrument", required = true, description = "violin, viola, cello or bass.")
  private String instrumentName;

  @Option(names = "--part", description = "Number, from 1, or name of the part.")
  private Optional<String> part;

  @Option(names = "--bars", description = "Bars to plan, such as 5-12, as numbered in the file.")
  private Optional<BarRange> bars;

  @Option(names = "--target", description = "Target tempo in beats a minute.")
  private Optional<Double> target;

  @Option(
      names = "--beat",
      description =
          "What the target counts: eighth, quarter, dotted-quarter, half, dotted-half, whole, bar.")
  private Optional<String> beat;

  @Option(
      names = "--profile",
      defaultValue = "secure",
      description =
          "secure (the default), even-colour, singing, brilliant, still-hand, as-printed.")
  private String profileName;

  @ArgGroup(validate = false, heading = "%nThe instrument and the player:%n")
  private PlayerOptions playerOptions = new PlayerOptions();

  @Option(
      names = "--pin",
      description = "BAR:INDEX=STRING:FINGER, such as 3:2=III:1; may be given several times.")
  private List<PinOption> pins = new ArrayList<>();

  @Option(
      names = "--alternatives",
      defaultValue = "0",
      description = "How many other plans that differ in kind to add, 0 (the default) to 3.")
  private int alternatives;

  @ArgGroup(exclusive = true)
  private Format format = new Format();

  @Option(
      names = "--out",
      description = "Also writes the marked part to this .musicxml, .xml, .mxl or .pdf file.")
  private Optional<Path> out;

  @Option(names = "--overwrite", description = "Lets --out replace a file that is there already.")
  private boolean overwrite;

  /** How the plan is printed. */
  private static final class Format {
    @Option(names = "--json", description = "Prints JSON (the default).")
    private boolean json;

    @Option(names = "--text", description = "Prints text to read at the stand.")
    private boolean text;
  }

  @Override
  public Integer call()
      throws ScoreRejectedException, OutOfRangeException, PinConflictException, IOException {
    Map<String, Double> timing = new LinkedHashMap<>();
    long started = System.nanoTime();
    Player player = playerOptions.player(instrumentName);
    if (alternatives < 0 || alternatives > MOST_ALTERNATIVES) {
      throw new IllegalArgumentException("--alternatives " + alternatives + "; give 0 to 3");
    }
    ScoreInput input = new ScoreInput(file);
    Optional<MarkedOutput> output = out.map(o -> new MarkedOutput(o, overwrite));
    if (output.isPresent()) {
      output.get().require(input);
    }
    ScoreFile score = input.open();
    int partIndex = part.isPresent() ? score.partOf(part.get()) : score.likelyPart(instrumentName);
    ReadPassage read = score.read(partIndex);
    Passage passage = cut(read.intake());
    List<String> skipped = new ArrayList<>(read.left());
    player = read.intake().player(player, playerOptions.tunes());
    read.tuning().remark(playerOptions.tunes()).ifPresent(skipped::add);
    Choices choices = choices(passage, read, skipped, player);
    timing.put("read", msSince(started));

    Study study;
    try {
      study = Study.of(passage, player, choices, new StepTimes(timing));
    } catch (OutOfRangeException e) {
      throw new ScoreRejectedException(place(passage).inBar(e.barLabel()), e.reason());
    } catch (PinConflictException e) {
      throw new ScoreRejectedException(place(passage, e.note()), e.getMessage());
    }
    if (output.isPresent()) {
      output.get().write(study);
    }
    PrintWriter writer = spec.commandLine().getOut();
    List<LeftHandPlan> others = study.differentPlans(alternatives);
    writer.println(
        format.text
            ? PlanText.of(study, skipped, others)
            : PlanJson.of(study, skipped, others, timing));
    writer.flush();
    return CommandLine.ExitCode.OK;
  }

  private ScorePlace place(Passage passage) {
    return ScorePlace.file(new ScoreInput(file).name()).inPart(passage.partName());
  }

  private ScorePlace place(Passage passage, int note) {
    PlayedNote played = PlayedNote.of(passage).get(note);
    return place(passage).inBar(passage.bars().get(played.bar()).label());
  }

  private Passage cut(Intake intake) throws ScoreRejectedException {
    if (bars.isEmpty()) {
      return intake.part();
    }
    int first = barIndex(intake, bars.get().first());
    int last = barIndex(intake, bars.get().last());
    if (last < first) {
      throw new IllegalArgumentException("--bars ends before it begins");
    }
    return intake.cut(first, last);
  }

  private int barIndex(Intake intake, String label) throws ScoreRejectedException {
    try {
      return intake.bar(label);
    } catch (IllegalArgumentException e) {
      throw new ScoreRejectedException(place(intake.part()), e.getMessage());
    }
  }

  private Choices choices(Passage passage, ReadPassage read, List<String> skipped, Player player) {
    Choices choices =
        Choices.at(targetTempo(passage, read, skipped)).withProfile(Profiles.named(profileName));
    Reading reading = Reading.of(passage);
    return choices.withPins(
        pins.stream().map(p -> PinAt.of(pin(p, reading, player), reading.places())).toList());
  }

  private Pin pin(PinOption option, Reading reading, Player player) {
    int string = player.instrument().stringOf(option.string());
    return reading.notes().stream()
        .filter(n -> reading.passage().bars().get(n.bar()).label().equals(option.bar()))
        .filter(n -> n.indexInBar() == option.index())
        .findFirst()
        .map(n -> Pin.of(n.number(), string, option.finger()))
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "--pin: bar " + option.bar() + " has no note " + option.index()));
  }

  private Tempo targetTempo(Passage passage, ReadPassage read, List<String> skipped) {
    Intake intake = read.intake();
    if (target.isEmpty() && intake.statedTempo(passage).isEmpty()) {
      skipped.add(
          "no tempo mark in the file: planned at quarter = 96; say --target to set another");
    }
    return intake.target(passage, target, beat);
  }

  private static double msSince(long startedNanos) {
    return (System.nanoTime() - startedNanos) / 1e6;
  }

  /** Notes how long each step of a study took. */
  private static final class StepTimes implements Study.Steps {
    private final Map<String, Double> timing;
    private long lastNanos = System.nanoTime();

    StepTimes(Map<String, Double> timing) {
      this.timing = timing;
    }

    @Override
    public void finished(String step) {
      timing.put(step, msSince(lastNanos));
      lastNanos = System.nanoTime();
    }
  }
}
