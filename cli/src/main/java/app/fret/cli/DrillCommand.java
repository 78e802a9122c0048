package app.fret.cli;

import app.fret.files.ScoreRejectedException;
import app.fret.files.plan.DrillListJson;
import app.fret.instrument.OutOfRangeException;
import app.fret.practice.drill.DrillChoice;
import app.fret.practice.drill.DrillKind;
import app.fret.practice.drill.DrillMusic;
import app.fret.practice.drill.ProposedDrill;
import app.fret.reading.Reading;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.DrillStudy;
import app.fret.study.Study;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** {@code fret drill FILE}: the drills a passage asks for, or one of them as music. */
final class DrillCommand implements Command {
  private static final String LIST = "list";
  private static final String JSON = "json";
  private static final String NUMBER = "number";
  private static final String KIND = "kind";
  private static final String FROM = "from";
  private static final String TO = "to";
  private static final String AT = "at";
  private static final String OUT = "out";
  private static final String OVERWRITE = "overwrite";

  @Override
  public String name() {
    return "drill";
  }

  @Override
  public String summary() {
    return "Lists the drills a passage asks for, or writes one as music.";
  }

  @Override
  public String synopsis() {
    return "FILE --instrument NAME (--list [--json] | --number N | --kind KIND) [options]";
  }

  @Override
  public OptionTable options() {
    OptionTable table = new OptionTable();
    PlanOptions.addTo(table);
    return table
        .flag(LIST, "Lists the drills with their reasons.")
        .flag(JSON, "Prints the list as JSON.")
        .value(NUMBER, "N", "One drill of the list.")
        .value(KIND, "KIND", "A drill of this kind: " + kinds() + ".")
        .value(
            FROM, "BAR:INDEX", "First note it is made from; --list then gives all that fit there.")
        .value(TO, "BAR:INDEX", "Last note it is made from; the last of the passage.")
        .value(AT, "TEMPO", "How fast, in the beat of the target; the first rung by default.")
        .value(OUT, "FILE", "Writes its music: .musicxml, .xml, .mxl, .abc, .mid, .pdf or .wav.")
        .flag(OVERWRITE, "Lets --out replace a file that is there already.");
  }

  private static String kinds() {
    return Arrays.stream(DrillKind.values()).map(DrillKind::id).collect(Collectors.joining(", "));
  }

  @Override
  public void run(Arguments given, PrintWriter out, PrintWriter err) throws Exception {
    PlanOptions plan = new PlanOptions(given);
    long asked =
        List.of(LIST, NUMBER, KIND).stream()
            .filter(o -> given.has(o) || given.text(o).isPresent())
            .count();
    if (asked != 1) {
      throw new IllegalArgumentException("say one of --list, --number N and --kind KIND");
    }
    Optional<DrillOutput> output =
        given.text(OUT).map(file -> new DrillOutput(OutputName.of(file), given.has(OVERWRITE)));
    if (output.isPresent()) {
      output.get().require(plan.input());
    }
    Study study = plan.study(plan.open(), step -> {});
    if (given.has(LIST)) {
      List<ProposedDrill> drills = drills(given, study);
      out.println(given.has(JSON) ? DrillListJson.of(drills) : list(drills));
      return;
    }
    Wanted wanted = wanted(given, study);
    if (output.isPresent()) {
      output.get().write(worked(study, wanted), wanted.howTo());
    }
    out.println(words(wanted));
    output.ifPresent(o -> out.println(o.file().getFileName() + " is written."));
  }

  /** A drill that was asked for. */
  private record Wanted(
      DrillKind kind,
      DrillMusic music,
      Tempo tempo,
      Optional<String> reason,
      Optional<Integer> times) {
    /** What to do, how often and when to stop. */
    List<String> howTo() {
      List<String> words = new ArrayList<>();
      reason.ifPresent(words::add);
      words.addAll(kind.steps());
      String often =
          times.map(t -> t == 1 ? "Once" : "At most " + t + " times").orElse("At most 4 times");
      words.add(
          often
              + ", or until three in a row are right. Stop at any pain and ask a teacher or a"
              + " clinician.");
      return words;
    }
  }

  private static Wanted wanted(Arguments given, Study study) {
    Optional<Double> at = given.tempo(AT);
    Optional<Integer> number = given.wholeNumber(NUMBER);
    if (number.isPresent()) {
      List<ProposedDrill> drills = drills(given, study);
      if (number.get() < 1 || number.get() > drills.size()) {
        throw new IllegalArgumentException(
            "--number " + number.get() + "; the list has " + drills.size() + " drills");
      }
      ProposedDrill drill = drills.get(number.get() - 1);
      Tempo tempo = study.choices().target().at(at.orElse(drill.perMinute()));
      DrillMusic music = drill.kind().make(study.drillSource(), drill.notes()).orElseThrow();
      return new Wanted(
          drill.kind(), music, tempo, Optional.of(drill.reason()), Optional.of(drill.times()));
    }
    String name = given.text(KIND).orElseThrow();
    DrillKind kind =
        DrillKind.ofId(name)
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "--kind '" + name + "'; see fret drill --help for the kinds"));
    Tempo tempo = study.choices().target().at(at.orElse(study.practice().ladder().rungs().get(0)));
    DrillMusic music =
        kind.make(study.drillSource(), span(given, study))
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "--kind " + name + ": these notes have nothing for it"));
    return new Wanted(kind, music, tempo, Optional.empty(), Optional.empty());
  }

  private static Span span(Arguments given, Study study) {
    Reading reading = study.brief().reading();
    int first =
        given
            .text(FROM)
            .map(t -> NoteOption.parse(t, FROM).in(reading, "--" + FROM).number())
            .orElse(0);
    int last =
        given
            .text(TO)
            .map(t -> NoteOption.parse(t, TO).in(reading, "--" + TO).number())
            .orElse(study.notes().size() - 1);
    if (last < first) {
      throw new IllegalArgumentException("--to comes before --from");
    }
    return new Span(first, last);
  }

  private static Study worked(Study study, Wanted wanted) throws ScoreRejectedException {
    try {
      return DrillStudy.of(study, wanted.music().at(wanted.tempo()), wanted.tempo());
    } catch (OutOfRangeException e) {
      throw new IllegalStateException("a drill leaves the instrument", e);
    }
  }

  /** Those the passage asks for, or all that chosen notes have something for. */
  private static List<ProposedDrill> drills(Arguments given, Study study) {
    boolean isChosen = given.text(FROM).isPresent() || given.text(TO).isPresent();
    return isChosen ? DrillChoice.of(study.drillSource(), span(given, study)) : study.drills();
  }

  private static String list(List<ProposedDrill> drills) {
    StringBuilder text = new StringBuilder();
    for (ProposedDrill drill : drills) {
      text.append(
          String.format(
              Locale.ROOT,
              "%2d  %-28s %s; %d times at %.0f, %.1f min%s%n",
              drill.number(),
              drill.kind().id(),
              drill.reason(),
              drill.times(),
              drill.perMinute(),
              drill.seconds() / 60,
              drill
                  .cap()
                  .map(c -> "; at most " + c.inARow() + " in a row, " + c.aDay() + " a day")
                  .orElse("")));
    }
    return text.length() == 0 ? "Nothing here asks for a drill of its own." : text.toString();
  }

  private static String words(Wanted wanted) {
    StringBuilder text = new StringBuilder(wanted.kind().words());
    text.append(" at ").append(Math.round(wanted.tempo().perMinute()));
    text.append(" ").append(wanted.tempo().beat().name()).append("s a minute");
    wanted.howTo().forEach(s -> text.append("\n").append(s));
    return text.toString();
  }
}
