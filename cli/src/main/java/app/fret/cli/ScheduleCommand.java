package app.fret.cli;

import app.fret.engraving.Paper;
import app.fret.files.CalendarDay;
import app.fret.files.PlainWords;
import app.fret.files.pdf.PdfPart;
import app.fret.files.practice.Programme;
import app.fret.files.practice.ProgrammeFile;
import app.fret.files.practice.ScheduleCalendar;
import app.fret.files.practice.ScheduleJson;
import app.fret.files.practice.ScheduleTable;
import app.fret.files.practice.ScheduleText;
import app.fret.files.practice.WeekSheet;
import app.fret.practice.programme.ProgrammeDays;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.schedule.Round;
import app.fret.practice.schedule.Schedule;
import app.fret.reading.Material;
import app.fret.score.BeatUnit;
import app.fret.score.Metre;
import app.fret.score.Tempo;
import app.fret.study.Study;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** {@code fret schedule PROGRAMME.json}: the days ahead from a programme and its log. */
final class ScheduleCommand implements Command {
  private static final String TODAY = "today";
  private static final String DAYS = "days";
  private static final String SEED = "seed";
  private static final String JSON = "json";
  private static final String TEXT = "text";
  private static final String ICS = "ics";
  private static final String CSV = "csv";
  private static final String PDF = "pdf";
  private static final String OVERWRITE = "overwrite";
  private static final int USUAL_DAYS = 60;
  private static final int MOST_DAYS = 1100;
  private static final int MOST_YEARS = 10;

  @Override
  public String name() {
    return "schedule";
  }

  @Override
  public String summary() {
    return "Plans the days ahead for a programme from its log.";
  }

  @Override
  public String synopsis() {
    return "PROGRAMME.json --today 2026-11-25 [options]";
  }

  @Override
  public OptionTable options() {
    return new OptionTable()
        .required(TODAY, "DATE", "The first day that is planned, such as 2026-11-25.")
        .value(DAYS, "N", "How many days are planned, 1 to 1100; 60 by default.")
        .value(SEED, "N", "What orders of run-throughs are drawn from; 1 by default.")
        .either(JSON, "Prints JSON (the default).", TEXT, "Prints text to read at the stand.")
        .value(ICS, "FILE", "Also writes a calendar (.ics).")
        .value(CSV, "FILE", "Also writes a table of the cards (.csv).")
        .value(PDF, "FILE", "Also writes the first week as a practice sheet (.pdf).")
        .flag(OVERWRITE, "Lets files that are there already be replaced.");
  }

  @Override
  public void run(Arguments given, PrintWriter out, PrintWriter err) throws Exception {
    Path file = OutputName.of(given.only("programme"));
    LocalDate today = today(given);
    int days = given.wholeNumber(DAYS).orElse(USUAL_DAYS);
    if (days < 1 || days > MOST_DAYS) {
      throw new IllegalArgumentException("--days " + days + "; give 1 to " + MOST_DAYS);
    }
    Programme programme = ProgrammeFile.read(file);
    requireOthers(given, file, programme);
    requireNear(programme, today);
    List<Item> items = new ArrayList<>();
    Map<String, Material> materials = new LinkedHashMap<>();
    Map<String, Study> studies = new LinkedHashMap<>();
    List<String> skipped = new ArrayList<>();
    // Drills on paper need the whole plan, the days only what was hard in it.
    PlannedItems planned = new PlannedItems(file, given.has(PDF));
    for (PlannedItems.Made made : planned.of(programme)) {
      made.throwFailure();
      List<PutBack> back = programme.putBack().getOrDefault(made.id(), List.of());
      items.add(made.item().orElseThrow().withPutBack(back).inRounds(programme.rounds(), today));
      made.material().ifPresent(m -> materials.put(made.id(), m));
      made.study().ifPresent(s -> studies.put(made.id(), s));
      skipped.addAll(made.skipped());
    }
    Schedule schedule =
        new ProgrammeDays(
                programme.learner(),
                items,
                materials,
                log(programme, items),
                given.wholeNumber(SEED).orElse(1))
            .from(today, days);
    outputs(given, file, programme, schedule, studies).write();
    // Only where all went well: what is refused is one line alone.
    skipped.forEach(err::println);
    out.println(given.has(TEXT) ? ScheduleText.of(schedule) : ScheduleJson.of(schedule));
  }

  /** What cannot be written is said before any work is done. */
  private static void requireOthers(Arguments given, Path file, Programme programme) {
    OutputSet outputs = outputs(given, file, programme);
    for (String option : List.of(ICS, CSV, PDF)) {
      given
          .text(option)
          .ifPresent(name -> outputs.add("--" + option + " ", OutputName.of(name), out -> {}));
    }
  }

  /** Nobody plans day by day for longer. */
  private static void requireNear(Programme programme, LocalDate today) {
    for (Round round : programme.rounds()) {
      if (round.date().isAfter(today.plusYears(MOST_YEARS))) {
        throw new IllegalArgumentException(
            "round "
                + PlainWords.quoted(round.name())
                + ": "
                + round.date()
                + " is more than "
                + MOST_YEARS
                + " years after --today; give a nearer day");
      }
    }
    for (Programme.Entry entry : programme.items()) {
      Optional<LocalDate> due = entry.due();
      if (due.isPresent() && due.get().isAfter(today.plusYears(MOST_YEARS))) {
        throw new IllegalArgumentException(
            "item "
                + PlainWords.quoted(entry.id())
                + ": due "
                + due.get()
                + " is more than "
                + MOST_YEARS
                + " years after --today; give a nearer day");
      }
    }
  }

  private static LocalDate today(Arguments given) {
    String text = given.text(TODAY).orElseThrow();
    return CalendarDay.of(text)
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "--today '"
                        + PlainWords.quoted(text)
                        + "'; write a day from 1900 to 2999, such as 2026-11-25"));
  }

  private static List<LoggedPass> log(Programme programme, List<Item> items) {
    Map<String, Item> byId = new LinkedHashMap<>();
    items.forEach(i -> byId.put(i.id(), i));
    List<LoggedPass> log = new ArrayList<>();
    for (Programme.Pass pass : programme.log()) {
      Tempo target = byId.get(pass.item()).target();
      LoggedPass plain =
          new LoggedPass(
              pass.item(),
              pass.date(),
              perMinute(pass, target),
              pass.clean(),
              pass.seconds(),
              pass.cold(),
              pass.spot(),
              pass.spotLeftOut(),
              pass.hurts(),
              pass.card());
      log.add(pass.misses().isEmpty() || pass.clean() ? plain : plain.missing(pass.misses()));
    }
    return log;
  }

  private static double perMinute(Programme.Pass pass, Tempo target) {
    return pass.beat()
        .map(beat -> BeatUnit.named(beat, Metre.of(4, 4)))
        .map(beat -> new Tempo(beat, pass.perMinute()).in(target.beat()).perMinute())
        .orElse(pass.perMinute());
  }

  /** All that is to be written beside the answer; none of it is a file that was read. */
  private static OutputSet outputs(
      Arguments given,
      Path file,
      Programme programme,
      Schedule schedule,
      Map<String, Study> studies) {
    OutputSet outputs = outputs(given, file, programme);
    LocalDate today = today(given);
    given
        .text(ICS)
        .ifPresent(
            name ->
                outputs.add(
                    "--ics ",
                    OutputName.of(name),
                    stream -> ScheduleCalendar.write(schedule, today, stream)));
    given
        .text(CSV)
        .ifPresent(
            name ->
                outputs.add(
                    "--csv ",
                    OutputName.of(name),
                    stream -> ScheduleTable.write(schedule, stream)));
    String player = programme.playerName();
    given
        .text(PDF)
        .ifPresent(
            name ->
                outputs.add(
                    "--pdf ",
                    OutputName.of(name),
                    stream ->
                        PdfPart.write(
                            WeekSheet.pages(player, schedule, studies, Paper.A4),
                            WeekSheet.title(player),
                            Paper.A4,
                            stream)));
    return outputs;
  }

  private static OutputSet outputs(Arguments given, Path file, Programme programme) {
    OutputSet outputs = new OutputSet(given.has(OVERWRITE)).reads(file);
    programme.items().stream()
        .flatMap(entry -> entry.file().stream())
        .forEach(score -> outputs.reads(PlannedItems.beside(file).resolve(OutputName.of(score))));
    return outputs;
  }
}
