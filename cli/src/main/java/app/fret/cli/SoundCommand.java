package app.fret.cli;

import app.fret.files.WholeFile;
import app.fret.files.sound.ClickMidi;
import app.fret.files.sound.WavWriter;
import app.fret.reading.Others;
import app.fret.sound.ClickChoices;
import app.fret.sound.ClickKind;
import app.fret.sound.Drone;
import app.fret.sound.SoundPlan;
import app.fret.study.Study;
import app.fret.study.StudySound;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** {@code fret sound FILE}: click and drone for a passage as a file. */
final class SoundCommand implements Command {
  private static final String AT = "at";
  private static final String OUT = "out";
  private static final String CLICK = "click";
  private static final String SILENT = "silent";
  private static final String COUNT_IN = "count-in";
  private static final String DRONE = "drone";
  private static final String TEMPERAMENT = "temperament";
  private static final String LOOP = "loop";
  private static final String OVERWRITE = "overwrite";
  private static final Pattern BARS = Pattern.compile("(\\d{1,2})/(\\d{1,2})");
  private static final int MOST_LOOPS = 999;
  private static final int SECONDS_PER_HOUR = 3600;

  /** A WAV file counts its bytes in 32 bits, and nobody practises longer without a break. */
  private static final int MOST_SECONDS = 4 * SECONDS_PER_HOUR;

  @Override
  public String name() {
    return "sound";
  }

  @Override
  public String summary() {
    return "Writes click and drone for a passage as WAV or MIDI.";
  }

  @Override
  public String synopsis() {
    return "FILE --instrument NAME --at TEMPO --out FILE.wav|.mid [options]";
  }

  @Override
  public OptionTable options() {
    OptionTable table = new OptionTable();
    PlanOptions.addTo(table);
    return table
        .required(AT, "TEMPO", "How fast, in the beat of the target.")
        .required(OUT, "FILE", "Where to: .wav (click and drone) or .mid (click).")
        .value(
            CLICK,
            "KIND",
            "beat (the default), 2, 3, 4 (to the beat), grouped, half, 3-against-2, running (what"
                + " the other parts run on), none.")
        .value(SILENT, "N/M", "Clicks N bars and leaves M out.")
        .value(COUNT_IN, "BARS", "Bars that are counted in.")
        .value(DRONE, "TONE", "tonic, fifth, chord (the root of each bar) or a pitch such as A3.")
        .value(TEMPERAMENT, "NAME", "equal (the default) or just, for fifth and chord.")
        .value(LOOP, "N", "How often the passage comes, 1 by default.")
        .flag(OVERWRITE, "Lets --out replace a file that is there already.");
  }

  @Override
  public void run(Arguments given, PrintWriter out, PrintWriter err) throws Exception {
    PlanOptions plan = new PlanOptions(given);
    Path file = OutputName.of(given.text(OUT).orElseThrow());
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    if (!name.endsWith(".wav") && !name.endsWith(".mid")) {
      throw new IllegalArgumentException(
          "--out " + file.getFileName() + ": Fret writes sound as .wav and .mid");
    }
    if (plan.input().isSame(file)) {
      throw new IllegalArgumentException(
          "--out " + file.getFileName() + " is the input itself, which is never replaced");
    }
    ClickChoices click = click(given);
    Optional<Drone> drone = drone(given);
    int loops = given.wholeNumber(LOOP).orElse(1);
    if (loops < 1 || loops > MOST_LOOPS) {
      throw new IllegalArgumentException("--loop " + loops + "; give 1 to " + MOST_LOOPS);
    }
    double at = given.tempo(AT).orElseThrow();
    PlanOptions.Opened opened = plan.open();
    Study study = plan.study(opened, step -> {});
    SoundPlan sound = StudySound.of(study, at, click, drone, loops);
    if (sound.seconds() > MOST_SECONDS) {
      throw new IllegalArgumentException(
          String.format(
              Locale.ROOT,
              "this would last %.0f hours; a file of %d at most: take fewer bars or loops",
              sound.seconds() / SECONDS_PER_HOUR,
              MOST_SECONDS / SECONDS_PER_HOUR));
    }
    WholeFile.write(
        file,
        given.has(OVERWRITE),
        stream -> {
          if (name.endsWith(".wav")) {
            WavWriter.write(sound, stream);
          } else {
            ClickMidi.write(sound, stream);
          }
        });
    out.printf(
        Locale.ROOT,
        "%s is written: %.1f s, %d clicks%s.%n",
        file.getFileName(),
        sound.seconds(),
        sound.clicks().size(),
        others(study, click));
  }

  /** Says so when nothing is known that runs. */
  private static String others(Study study, ClickChoices click) {
    boolean unknown =
        click.kind() == ClickKind.RUNNING && study.others().running().equals(Others.NONE.running());
    return unknown ? "; no other part is known, so eighths are clicked" : "";
  }

  private static ClickChoices click(Arguments given) {
    ClickKind kind = ClickKind.named(given.text(CLICK).orElse(ClickKind.BEAT.id()));
    int clicked = 0;
    int silent = 0;
    Optional<String> bars = given.text(SILENT);
    if (bars.isPresent()) {
      Matcher matcher = BARS.matcher(bars.get());
      if (!matcher.matches()) {
        throw new IllegalArgumentException("--silent '" + bars.get() + "'; write N/M such as 2/1");
      }
      clicked = Integer.parseInt(matcher.group(1));
      silent = Integer.parseInt(matcher.group(2));
    }
    return new ClickChoices(kind, clicked, silent, given.wholeNumber(COUNT_IN).orElse(0));
  }

  private static Optional<Drone> drone(Arguments given) {
    String temperament = given.text(TEMPERAMENT).orElse("equal");
    if (!temperament.equals("equal") && !temperament.equals("just")) {
      throw new IllegalArgumentException("--temperament '" + temperament + "'; say equal or just");
    }
    return given.text(DRONE).map(what -> new Drone(what, temperament.equals("just")));
  }
}
