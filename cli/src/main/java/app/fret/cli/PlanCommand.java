package app.fret.cli;

import app.fret.files.plan.PlanJson;
import app.fret.files.plan.PlanText;
import app.fret.study.OtherFingering;
import app.fret.study.Study;
import java.io.PrintWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** {@code fret plan FILE}: reads a score, plans it and prints the plan. */
final class PlanCommand implements Command {
  private static final int MOST_ALTERNATIVES = 6;
  private static final String ALTERNATIVES = "alternatives";
  private static final String JSON = "json";
  private static final String TEXT = "text";
  private static final String OUT = "out";
  private static final String TRACK = "track";
  private static final String OVERWRITE = "overwrite";
  private static final String WHOLE = "whole";

  @Override
  public String name() {
    return "plan";
  }

  @Override
  public String summary() {
    return "Plans fingers, bow and practice for a passage.";
  }

  @Override
  public String synopsis() {
    return "FILE --instrument NAME [options]   (FILE: .musicxml, .xml, .mxl or .abc, - for standard"
        + " input)";
  }

  @Override
  public OptionTable options() {
    OptionTable table = new OptionTable();
    PlanOptions.addTo(table);
    return table
        .value(ALTERNATIVES, "N", "How many other plans that differ in kind to add, 0 to 6.")
        .either(JSON, "Prints JSON (the default).", TEXT, "Prints text to read at the stand.")
        .value(OUT, "FILE", "Also writes the marked part: .musicxml, .xml, .mxl, .abc or .pdf.")
        .flag(TRACK, "A PDF shows the place of the bow under each system.")
        .flag(WHOLE, "Writes the marks into the whole score, with all its parts and its layout.")
        .flag(OVERWRITE, "Lets --out replace a file that is there already.");
  }

  @Override
  public void run(Arguments given, PrintWriter out, PrintWriter err) throws Exception {
    StepTimes times = new StepTimes();
    PlanOptions plan = new PlanOptions(given);
    int alternatives = alternatives(given);
    int notesWithWays = plan.notesWithWays();
    Optional<MarkedOutput> output =
        given
            .text(OUT)
            .map(
                file ->
                    new MarkedOutput(OutputName.of(file), given.has(OVERWRITE), given.has(TRACK)));
    boolean whole = given.has(WHOLE);
    if (output.isPresent()) {
      output.get().require(plan.input(), whole);
    } else if (whole) {
      throw new IllegalArgumentException("--whole says how --out is written; name a file with it");
    }
    PlanOptions.Opened opened = plan.open();
    times.finished("read");
    Study study = plan.study(opened, times);
    if (output.isPresent() && whole) {
      output.get().writeWhole(study, opened).forEach(l -> err.println("fret: not marked: " + l));
    } else if (output.isPresent()) {
      output.get().write(study);
    }
    Optional<List<OtherFingering>> others =
        alternatives == 0 ? Optional.empty() : Optional.of(OtherFingering.of(study, alternatives));
    List<String> skipped = opened.skipped();
    out.println(
        given.has(TEXT)
            ? PlanText.of(study, skipped, others)
            : PlanJson.of(study, skipped, others, notesWithWays, times.byStep));
  }

  private static int alternatives(Arguments given) {
    int wanted = given.wholeNumber(ALTERNATIVES).orElse(0);
    if (wanted < 0 || wanted > MOST_ALTERNATIVES) {
      throw new IllegalArgumentException("--alternatives " + wanted + "; give 0 to 6");
    }
    return wanted;
  }

  /** Notes how long each step took, in ms. */
  private static final class StepTimes implements Study.Steps {
    private final Map<String, Double> byStep = new LinkedHashMap<>();
    private long lastNanos = System.nanoTime();

    @Override
    public void finished(String step) {
      long now = System.nanoTime();
      byStep.put(step, (now - lastNanos) / 1e6);
      lastNanos = now;
    }
  }
}
