package app.fret.practice.drill;

import app.fret.score.Span;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The kinds of drill, each with the function that makes it and how it is played. */
public enum DrillKind {
  GUIDE_AND_BACK(
      "guide-and-back",
      "Guide note and back",
      ShiftDrills::guideAndBack,
      "Slide to the guide and back, then shift."),
  GUIDE_SLIDE(
      "guide-slide",
      "Audible guide note",
      ShiftDrills::guideSlide,
      "Slide through the guide: slow, medium, fast, as written."),
  GUIDE_SILENT(
      "guide-silent",
      "Silent guide note",
      ShiftDrills::guideSilent,
      "Reach the guide silently, check it, land."),
  STOP_AND_SHIFT(
      "stop-and-shift",
      "Stop and shift",
      ShiftDrills::stopAndShift,
      "Stop the bow, shift, check, go on; each stop is shorter."),
  THERE_AND_BACK(
      "there-and-back",
      "There and back",
      ShiftDrills::thereAndBack,
      "Shift both ways, arm first, the thumb along."),
  FRAME_LANDING(
      "frame-landing",
      "Silent landing",
      ShiftDrills::frameLanding,
      "Land all fingers silently, then play."),
  DOUBLED_NOTES(
      "doubled-notes",
      "Doubled notes",
      BowDrills::doubledNotes,
      "Play each note twice: the bow at full speed, the left hand at half."),
  BOW_ALONE("bow-alone", "Bow alone", BowDrills::bowAlone, "Play the bowing on open strings."),
  SPRINGING_STEPS(
      "springing-steps",
      "Bouncing arpeggio",
      BowDrills::springingSteps,
      "On the string over open strings; go on when four in a row are even.",
      "The same with the fingers lifted from the stick; go on when it bounces by itself.",
      "Then the chord. Stop when the wrist, thumb or forearm tightens."),
  PLANES_AT_PLACES(
      "planes-at-places",
      "Arm levels",
      BowDrills::planesAtPlaces,
      "Set each string at the frog, in the middle and at the tip; let the arm move first."),
  SLUR_STOP_ACCENT(
      "slur-stop-accent",
      "Slur, stops, accent",
      BowDrills::slurStopAccent,
      "Slur; stop each note; then the accent only."),
  HOOKED_DOTS(
      "hooked-dots",
      "Hooked rhythm",
      OneBowDrills::hookedDots,
      "Separate with a stop, hooked on open strings, then as written.",
      "The short note is late and light; the bow stops before it."),
  ONE_BOW_STACCATO(
      "one-bow-staccato",
      "Staccato in one bow",
      OneBowDrills::staccato,
      "One note, two and four in a bow; then the notes; then all in one bow.",
      "Bite and release each note; stop when the arm stiffens."),
  TREMOLO(
      "tremolo",
      "Tremolo, measured first",
      TremoloDrill::of,
      "Count four, six and eight strokes, then let go of the count.",
      "A small stroke from the wrist; stop when the forearm tightens."),
  SUDDEN_LEVEL(
      "sudden-level",
      "Sudden change of level",
      LevelDrill::of,
      "Stop and set the bow for the new level; then a short stop; then none."),
  VOICE_ALONE(
      "voice-alone",
      "One voice",
      VoiceDrills::voiceAlone,
      "Play one voice alone with its own fingering."),
  VOICE_AND_PEDAL(
      "voice-and-pedal",
      "One voice, then both",
      VoiceDrills::voiceAndPedal,
      "Play one voice; add the other to it."),
  STACKED_DOUBLE_STOPS(
      "stacked-double-stops",
      "Neighbours together",
      VoiceDrills::stacked,
      "Play neighbouring notes together, then in turn."),
  LINGER_ON_BOTH(
      "linger-on-both",
      "Pause on both strings",
      VoiceDrills::lingerOnBoth,
      "Hold both strings at each crossing."),
  LOWER_BOTH_UPPER(
      "lower-both-upper",
      "Build the double stop",
      VoiceDrills::lowerBothUpper,
      "Play the lower note, both, the upper note."),
  CHORD_TUNING(
      "chord-tuning",
      "Tune the chord",
      VoiceDrills::chordTuning,
      "Hold one note; add the next, then pairs, then all."),
  ACCENTED_GROUPS(
      "accented-groups",
      "Accented groups",
      ToneDrills::accentedGroups,
      "Lightly accent each group's first note."),
  WITHOUT_VIBRATO(
      "without-vibrato",
      "Vibrato off, on",
      ToneDrills::withoutVibrato,
      "Play in tune without vibrato, then with it."),
  DRONE(
      "drone", "With a drone", ToneDrills::drone, "Match each note to the drone, without vibrato."),
  VIBRATO_PULSES(
      "vibrato-pulses",
      "Vibrato pulses",
      ToneDrills::vibratoPulses,
      "Pulse 1, 2, 3, 4 to a beat, loosely.",
      "Five minutes at most; stop when the wrist, thumb or forearm tightens."),
  CRESCENDO_SCALE(
      "crescendo-scale",
      "Crescendo scale",
      ScaleDrills::crescendoScale,
      "Play one long crescendo; save bow."),
  SCALE_WITH_SHIFT(
      "scale-with-shift",
      "Scale with the shift",
      ScaleDrills::scaleWithShift,
      "Play the scale with this shift in it."),
  CLICK_OFF(
      "click-off",
      "Click on, off",
      PulseDrills::clickOff,
      "Play with and without the click; compare the end."),
  SYNCOPATION(
      "syncopation",
      "Held over the beat",
      SyncopationDrill::of,
      "Strike every beat; then hold the notes and feel the beats."),
  WORDS("words", "Say the rhythm", PulseDrills::words, "Speak the groups, then play them."),
  INNER_PULSE(
      "inner-pulse",
      "Silent reading",
      PulseDrills::innerPulse,
      "Read in time; play each bar's first note."),
  RECORD_AND_COMPARE(
      "record-and-compare",
      "Record and compare",
      PulseDrills::recordAndCompare,
      "Record with and without the click; listen."),
  RHYTHM(
      "rhythm",
      "Rhythms",
      RhythmDrills::rhythm,
      "Play straight, long-short, short-long, 1+3, 2+2, straight."),
  WHOLE_CLIMB(
      "whole-climb",
      "Rhythms up the ladder",
      RhythmDrills::climb,
      "Play the rhythms at every rung."),
  CHAIN_FORWARD(
      "chain-forward",
      "Build from the front",
      ChainDrills::forward,
      "Add one group each time, each once in reverse; end on the first note of the next."),
  CHAIN_BACK(
      "chain-back", "Build from the end", ChainDrills::back, "Add one group before each time."),
  JOINT("joint", "The join", ChainDrills::joint, "Repeat one group's end into the next group."),
  LAST_FIRST(
      "last-first",
      "Last group first",
      ChainDrills::lastFirst,
      "The last group; the one before; both; so on back.");

  /** Makes the music of a drill. */
  interface Maker {
    /** The music; empty where these notes have nothing for it. */
    Optional<DrillMusic> of(DrillSource source, Span notes);
  }

  private final String id;
  private final String words;
  private final Maker maker;
  private final List<String> steps;

  DrillKind(String id, String words, Maker maker, String... steps) {
    this.id = id;
    this.words = words;
    this.maker = maker;
    this.steps = List.of(steps);
  }

  /** What it is called in files. */
  public String id() {
    return id;
  }

  /** What it is called on screen. */
  public String words() {
    return words;
  }

  /** How it is played, in order. */
  public List<String> steps() {
    return steps;
  }

  /** The kind of a name in files. */
  public static Optional<DrillKind> ofId(String id) {
    return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
  }

  /**
   * The drill for some notes.
   *
   * @param notes numbers of the first and the last note
   */
  public Optional<DrillMusic> make(DrillSource source, Span notes) {
    if (notes.last() >= source.count()) {
      return Optional.empty();
    }
    String title = source.passage().title();
    String named = title.isBlank() ? words : title + ": " + words;
    return maker
        .of(source, notes)
        .map(m -> new DrillMusic(m.passage().withTitle(named), m.sources()));
  }
}
