package app.fret.cli;

import app.fret.bow.pattern.Pattern;
import app.fret.bow.pattern.PatternStrokes;
import app.fret.bow.stroke.Accents;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.files.OtherParts;
import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.ScoreFile;
import app.fret.files.plan.ListedWays;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profiles;
import app.fret.reading.Others;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.EightBelow;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Intake;
import app.fret.study.LikePins;
import app.fret.study.Study;
import app.fret.time.Occasion;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/** The options that say which passage is meant and how it is to be played. */
final class PlanOptions {
  private static final String INSTRUMENT = "instrument";
  private static final String PART = "part";
  private static final String BARS = "bars";
  private static final String TARGET = "target";
  private static final String BEAT = "beat";
  private static final String CLEAN = "clean";
  private static final String PROFILE = "profile";
  private static final String PIN = "pin";
  private static final String OCCASION = "occasion";
  private static final String BOWING = "bowing";
  private static final String STROKE = "stroke";
  private static final String PATTERN = "pattern";
  private static final String ACCENTS = "accents";
  private static final String WAYS = "ways";
  private static final String SOUNDS = "sounds";
  private static final String AS_THE_CLEF_SAYS = "clef";
  private static final String OCTAVE_LOWER = "octave-lower";

  private final Arguments given;
  private final ScoreInput input;
  private final PlayerOptions playerOptions;

  PlanOptions(Arguments given) {
    this.given = given;
    this.input = new ScoreInput(given.only("score"));
    this.playerOptions = new PlayerOptions(given);
  }

  /** Adds these options to those of a command. */
  static void addTo(OptionTable table) {
    table
        .required(INSTRUMENT, "NAME", "violin, viola, cello or bass.")
        .value(PART, "N|NAME", "Number, from 1, or name of the part.")
        .value(BARS, "5-12", "Bars to plan, as numbered in the file.")
        .value(TARGET, "TEMPO", "Target tempo in beats a minute.")
        .value(
            BEAT,
            "LENGTH",
            "What the target counts: eighth, quarter, dotted-quarter, half, dotted-half, whole,"
                + " bar.")
        .value(CLEAN, "TEMPO", "What is clean today, in the same beat: where the ladder begins.")
        .value(
            PROFILE,
            "NAME",
            "secure (the default), even-colour, singing, brilliant, still-hand, as-printed.")
        .value(
            OCCASION,
            "NAME",
            "audition (the default: a metronome step below the target), recording, section,"
                + " concert.")
        .values(
            PIN, "PIN", "BAR:INDEX=STRING:FINGER, such as 3:2=III:1; may be given several times.")
        .value(
            BOWING,
            "SCHOOL",
            "printed (the default: slurs and bow signs of the part are kept), section (slurs are"
                + " kept, bow signs may give way), free (slurs may be split, joined and hooked).")
        .values(
            STROKE,
            "STROKE",
            "BAR:INDEX= and one of "
                + String.join(", ", StrokeDecision.FORMS)
                + "; such as 3:2=up; may be given several times.")
        .value(
            SOUNDS,
            "WHERE",
            "Of a part with an 8 under the bass clef and no transposition: clef (the default) where"
                + " the clef puts it, octave-lower where the 8 is a reminder only.")
        .value(ACCENTS, "HOW", "How accents are made: both (the default), weight or speed.")
        .values(
            PATTERN,
            "BAR-BAR=PATTERN",
            "How these bars are bowed: "
                + Arrays.stream(Pattern.values()).map(Pattern::id).collect(Collectors.joining(", "))
                + ".")
        .value(
            WAYS,
            "N",
            "How many notes have their other ways listed in JSON at most, those with the least"
                + " extra effort first: all up to "
                + ListedWays.USUAL
                + " unless said.");
    ShapeOptions.addTo(table);
    PlayerOptions.addTo(table);
  }

  /** Notes whose other ways are listed at most. */
  int notesWithWays() {
    int wanted = given.wholeNumber(WAYS).orElse(ListedWays.USUAL);
    if (wanted < 0) {
      throw new IllegalArgumentException("--ways " + wanted + "; give a number of notes from 0");
    }
    return wanted;
  }

  /** The score that was named. */
  ScoreInput input() {
    return input;
  }

  /**
   * A passage with all that was said about it.
   *
   * @param passage the bars asked for
   * @param player the player, with the strings as the part tunes them
   * @param choices tempo, profile and pins
   * @param skipped what was left out, read otherwise or assumed
   * @param others what the other parts of the score do meanwhile
   * @param score what it was read from
   * @param cut where it begins there
   */
  record Opened(
      Passage passage,
      Player player,
      Choices choices,
      List<String> skipped,
      Others others,
      Score score,
      ScoreFile.Cut cut) {}

  /** Reads the score and takes from it what was asked for. */
  Opened open() throws ScoreRejectedException, IOException {
    String instrument = given.text(INSTRUMENT).orElseThrow();
    Player asked = playerOptions.player(instrument);
    Score score = input.open();
    Optional<String> part = given.text(PART);
    int partIndex = part.isPresent() ? score.partOf(part.get()) : score.likelyPart(instrument);
    ReadPassage read = sounding(score.read(partIndex));
    Passage passage = cut(read.intake());
    List<String> skipped = new ArrayList<>(read.left());
    Player player = read.intake().player(asked, playerOptions.tunes());
    read.tuning().remark(playerOptions.tunes()).ifPresent(skipped::add);
    Tempo target = target(passage, read.intake(), skipped);
    Others others = OtherParts.of(score, partIndex, read.passage(), passage);
    ScoreFile.Cut cut = new ScoreFile.Cut(partIndex, firstBar(read.intake()));
    return new Opened(
        passage, player, choices(passage, target, player), skipped, others, score, cut);
  }

  private ReadPassage sounding(ReadPassage read) {
    String where = given.text(SOUNDS).orElse(AS_THE_CLEF_SAYS);
    if (where.equals(OCTAVE_LOWER)) {
      if (!EightBelow.isOpen(read.passage())) {
        throw new IllegalArgumentException(
            "--sounds octave-lower: the part has no 8 under its clef, or states how it sounds");
      }
      return read.with(EightBelow.octaveLower(read.passage()));
    }
    if (!where.equals(AS_THE_CLEF_SAYS)) {
      throw new IllegalArgumentException("--sounds '" + where + "'; say clef or octave-lower");
    }
    return read;
  }

  /** A pin holds wherever its figure comes again. */
  private static Study withLikePins(Study study) throws PinConflictException {
    List<Pin> pins = PinAt.in(study.places(), study.choices().pins());
    List<Pin> held = new LikePins(study).holding(pins);
    return held.size() == pins.size() ? study : study.with(study.pinned(study.choices(), held));
  }

  /** Works an opened passage out; what cannot be played is refused with its place. */
  Study study(Opened opened, Study.Steps steps) throws ScoreRejectedException {
    Passage passage = opened.passage();
    try {
      Study study = Study.of(passage, opened.player(), opened.choices(), steps);
      return withLikePins(study).withOthers(opened.others());
    } catch (OutOfRangeException e) {
      throw new ScoreRejectedException(place(passage).inBar(e.barLabel()), e.reason());
    } catch (PinConflictException e) {
      throw new ScoreRejectedException(place(passage, e.note()), e.getMessage());
    }
  }

  private ScorePlace place(Passage passage) {
    return ScorePlace.file(input.name()).inPart(passage.partName());
  }

  private ScorePlace place(Passage passage, int note) {
    PlayedNote played = PlayedNote.of(passage).get(note);
    return place(passage).inBar(passage.bars().get(played.bar()).label());
  }

  private Passage cut(Intake intake) throws ScoreRejectedException {
    Optional<BarRange> bars = given.text(BARS).map(BarRange::parse);
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

  private int firstBar(Intake intake) throws ScoreRejectedException {
    Optional<BarRange> bars = given.text(BARS).map(BarRange::parse);
    return bars.isEmpty() ? 0 : barIndex(intake, bars.get().first());
  }

  private int barIndex(Intake intake, String label) throws ScoreRejectedException {
    try {
      return intake.bar(label);
    } catch (IllegalArgumentException e) {
      throw new ScoreRejectedException(place(intake.part()), e.getMessage());
    }
  }

  private Tempo target(Passage passage, Intake intake, List<String> skipped) {
    Optional<Double> target = given.tempo(TARGET);
    if (target.isEmpty() && intake.statedTempo(passage).isEmpty()) {
      skipped.add(
          "no tempo mark in the file: planned at quarter = 96; say --target to set another");
    }
    return intake.target(passage, target, given.text(BEAT));
  }

  private Choices choices(Passage passage, Tempo target, Player player) {
    String profile = given.text(PROFILE).orElse("secure");
    Occasion occasion = Occasion.named(given.text(OCCASION).orElse(Occasion.AUDITION.id()));
    Choices at = Choices.at(target).withProfile(Profiles.named(profile));
    Reading reading = Reading.of(passage);
    Choices choices =
        at.with(at.tempo().withOccasion(occasion))
            .with(bow(reading))
            .with(new ShapeOptions(given, reading).choices());
    Optional<Double> clean = given.tempo(CLEAN);
    if (clean.isPresent()) {
      choices = choices.with(choices.practice().withClean(OptionalDouble.of(clean.get())));
    }
    List<PinOption> pins = given.texts(PIN).stream().map(PinOption::parse).toList();
    return pins.isEmpty() ? choices : choices.withPins(at(pins, reading, player));
  }

  private BowChoices bow(Reading reading) {
    BowSchool school = BowSchool.named(given.text(BOWING).orElse(BowSchool.PRINTED.id()));
    Accents accents = Accents.named(given.text(ACCENTS).orElse(Accents.BOTH.id()));
    BowChoices bow = patterns(BowChoices.none().withSchool(school).with(accents), reading);
    for (String text : given.texts(STROKE)) {
      StrokeOption option = StrokeOption.parse(text);
      int note = option.note().in(reading, "--" + STROKE).number();
      option
          .decision()
          .whyWithoutEffect(note, reading.notes().size())
          .ifPresent(
              why -> {
                throw new IllegalArgumentException("--" + STROKE + " " + text + ": " + why);
              });
      bow = bow.with(new StrokeAt(reading.places().top(note), option.decision()));
    }
    return bow;
  }

  /** Patterns go before single strokes, which are decided against them. */
  private BowChoices patterns(BowChoices bow, Reading reading) {
    BowChoices patterned = bow;
    for (String text : given.texts(PATTERN)) {
      String[] sides = text.split("=", -1);
      if (sides.length != 2) {
        throw new IllegalArgumentException(
            "--" + PATTERN + " '" + text + "'; write BAR-BAR=PATTERN such as 5-8=three-and-one");
      }
      try {
        Span notes = BarRange.parse(sides[0]).notes(reading);
        Pattern pattern = Pattern.named(sides[1]);
        if (!PatternStrokes.suits(reading, notes, pattern)) {
          throw new IllegalArgumentException("nothing in these bars can be bowed so");
        }
        patterned = PatternStrokes.with(patterned, reading, notes, pattern);
      } catch (IllegalArgumentException e) {
        throw new IllegalArgumentException("--" + PATTERN + " " + text + ": " + e.getMessage(), e);
      }
    }
    return patterned;
  }

  private static List<PinAt> at(List<PinOption> pins, Reading reading, Player player) {
    return pins.stream().map(p -> PinAt.of(pin(p, reading, player), reading.places())).toList();
  }

  private static Pin pin(PinOption option, Reading reading, Player player) {
    int string = player.instrument().stringOf(option.string());
    PlayedNote note = option.note().in(reading, "--" + PIN);
    return Pin.of(note.number(), string, option.finger());
  }
}
