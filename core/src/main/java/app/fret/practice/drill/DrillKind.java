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
      "Slide to the guide note and back, then to the note.",
      "The guide sounds; the bow turns only where the music turns it."),
  GUIDE_SLIDE(
      "guide-slide",
      "Guide-note slide",
      ShiftDrills::guideSlide,
      "Slow, then medium, then fast; the guide sounds each time.",
      "The last time the slide is as in the music."),
  GUIDE_SILENT(
      "guide-silent",
      "Guide note, silent",
      ShiftDrills::guideSilent,
      "Go to the guide without a sound, check it, then land."),
  STOP_AND_SHIFT(
      "stop-and-shift",
      "Stop and shift",
      ShiftDrills::stopAndShift,
      "Stop the bow, shift, check the note, go on.",
      "Each stop is shorter than the one before."),
  THERE_AND_BACK(
      "there-and-back",
      "There and back",
      ShiftDrills::thereAndBack,
      "Both ways, with the thumb along and the arm first."),
  FRAME_LANDING(
      "frame-landing",
      "Landing of the frame",
      ShiftDrills::frameLanding,
      "Land with every finger of the frame in silence, then let the note sound."),
  DOUBLED_NOTES(
      "doubled-notes",
      "Doubled notes",
      BowDrills::doubledNotes,
      "Every note twice: the bow at full speed, the left hand at half."),
  BOW_ALONE(
      "bow-alone",
      "Bow alone",
      BowDrills::bowAlone,
      "The right hand on open strings, with the slurs and strokes of the music."),
  SPRINGING_STEPS(
      "springing-steps",
      "Springing stroke, step by step",
      BowDrills::springingSteps,
      "On the string over open strings, starting up-bow on the lowest; go on when four in a row are even.",
      "The same with the fingers lifted from the stick, put back one by one; go on when it bounces by itself.",
      "Then the chord of the music. Small and loose, no grip; stop when wrist, thumb or forearm tightens."),
  PLANES_AT_PLACES(
      "planes-at-places",
      "Planes at frog, middle and tip",
      BowDrills::planesAtPlaces,
      "Each string in its plane at the frog, in the middle and at the tip."),
  SLUR_STOP_ACCENT(
      "slur-stop-accent",
      "Slur, stop and accent alone",
      BowDrills::slurStopAccent,
      "First the slur without its signs, then each note stopped, then the accent alone."),
  VOICE_ALONE(
      "voice-alone",
      "One voice alone",
      VoiceDrills::voiceAlone,
      "The tune alone, with the fingers it has in the chords."),
  VOICE_AND_PEDAL(
      "voice-and-pedal",
      "One voice, then both",
      VoiceDrills::voiceAndPedal,
      "The tune alone, then the other voice added."),
  STACKED_DOUBLE_STOPS(
      "stacked-double-stops",
      "Neighbours stacked",
      VoiceDrills::stacked,
      "Neighbouring notes together as double stops, then one after the other."),
  LINGER_ON_BOTH(
      "linger-on-both",
      "Linger on both strings",
      VoiceDrills::lingerOnBoth,
      "Hold both strings at the crossing; the arm goes between the two planes."),
  LOWER_BOTH_UPPER(
      "lower-both-upper",
      "Lower, both, upper",
      VoiceDrills::lowerBothUpper,
      "The lower note, both, the upper note; listen to the interval."),
  CHORD_TUNING(
      "chord-tuning",
      "Chord tuning",
      VoiceDrills::chordTuning,
      "Hold one note, add the next, pairs of strings, then all."),
  ACCENTED_GROUPS(
      "accented-groups",
      "Accented groups",
      ToneDrills::accentedGroups,
      "The first note of each group lightly accented."),
  WITHOUT_VIBRATO(
      "without-vibrato",
      "Without vibrato, then with",
      ToneDrills::withoutVibrato,
      "Without vibrato and in tune first; then give the vibrato back."),
  DRONE(
      "drone", "Over a drone", ToneDrills::drone, "Each note against the drone, without vibrato."),
  VIBRATO_PULSES(
      "vibrato-pulses",
      "Vibrato pulses",
      ToneDrills::vibratoPulses,
      "One, two, three, four pulses a beat.",
      "Small and loose, five minutes at most; stop when wrist, thumb or forearm tightens."),
  CRESCENDO_SCALE(
      "crescendo-scale",
      "One long crescendo",
      ScaleDrills::crescendoScale,
      "The scale of the key in one growth, the bow slower than the sound wants."),
  SCALE_WITH_SHIFT(
      "scale-with-shift",
      "Scale with the shift",
      ScaleDrills::scaleWithShift,
      "The scale of the key, with the shift of the passage in it."),
  CLICK_OFF(
      "click-off",
      "Click on, click off",
      PulseDrills::clickOff,
      "Once with the click, once without; compare where the end falls."),
  WORDS(
      "words",
      "Words for the groups",
      PulseDrills::words,
      "Say the words on the groups of the bar, then play them."),
  INNER_PULSE(
      "inner-pulse",
      "Reading with the inner pulse",
      PulseDrills::innerPulse,
      "Read it through without playing, the pulse inside; play only the first note of each bar."),
  RECORD_AND_COMPARE(
      "record-and-compare",
      "Record and compare",
      PulseDrills::recordAndCompare,
      "Record once with the click and once without, and listen to both."),
  RHYTHM(
      "rhythm",
      "Rhythm set",
      RhythmDrills::rhythm,
      "Straight; long and short; short and long; long and three short; two short and two long;"
          + " straight."),
  WHOLE_CLIMB(
      "whole-climb",
      "Whole climb",
      RhythmDrills::rhythm,
      "The rhythm set at every rung from half to the target."),
  CHAIN_FORWARD(
      "chain-forward",
      "Chain, forward",
      ChainDrills::forward,
      "The first group, and one more group each time; each ends on the first note of the next."),
  CHAIN_BACK(
      "chain-back",
      "Chain, from the end",
      ChainDrills::back,
      "The last group, and one more before it each time."),
  JOINT(
      "joint",
      "The joint alone",
      ChainDrills::joint,
      "The end of one group and the start of the next, again and again."),
  LAST_FIRST(
      "last-first",
      "Last group first",
      ChainDrills::lastFirst,
      "The last group, the one before it, both together, and so on to the front.");

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
