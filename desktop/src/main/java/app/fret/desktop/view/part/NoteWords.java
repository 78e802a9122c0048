package app.fret.desktop.view.part;

import app.fret.instrument.Instrument;
import app.fret.instrument.Spelling;
import app.fret.lefthand.Difference;
import app.fret.lefthand.effort.shift.PositionWords;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.PlayedNote;
import app.fret.score.Finger;
import app.fret.score.Key;
import app.fret.score.SoundingPitch;
import app.fret.study.Study;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Notes, places and positions of a study in plain words. */
public final class NoteWords {
  private static final int MOST_DIFFERENCES = 3;
  private static final double LEAST_SHOWN = 0.05;
  private static final int MOST_DIFFERENCES_OF_PLANS = 5;

  private final Study study;
  private final Instrument instrument;

  /** The words of a study. */
  public NoteWords(Study study) {
    this.study = study;
    this.instrument = study.player().instrument();
  }

  /** Pitches of a note or chord, lowest first. */
  public String pitches(PlayedNote note) {
    List<String> names = note.notes().stream().map(n -> n.written().display()).toList();
    int last = names.size() - 1;
    return last == 0
        ? names.get(0)
        : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
  }

  /** Pitches and bar. */
  public String place(PlayedNote note) {
    return pitches(note) + ", bar " + bar(note);
  }

  /** A note with its pitch and bar. */
  public String place(int note) {
    return place(study.notes().get(note));
  }

  /** The bar of a note. */
  public String bar(PlayedNote note) {
    return study.passage().bars().get(note.bar()).label();
  }

  /** Strings, fingers and position of a placement. */
  public String how(Placement placement) {
    if (placement.isLeftOut()) {
      return "No hand can hold this chord, so it has no fingers. Divide it, or choose its notes.";
    }
    String stops =
        placement.stops().stream().map(NoteWords::stop).collect(Collectors.joining("; "));
    return placement.usesHand() ? stops + "; " + position(placement) : stops;
  }

  private static String stop(Stop stop) {
    String string = "string " + Instrument.numeral(stop.string());
    if (stop.isOpen()) {
      return "open " + string;
    }
    return string
        + ", "
        + finger(stop.finger())
        + (stop.isHarmonic() ? " touching a harmonic" : "");
  }

  /** A finger in words. */
  public static String finger(Finger finger) {
    return finger == Finger.THUMB ? "thumb" : "finger " + finger.sign();
  }

  /** Name of the position, in full. */
  String position(Placement placement) {
    return PositionWords.of(instrument, placement);
  }

  /** Name of the position without where it lies. */
  public String shortPosition(Placement placement) {
    return position(placement).replaceFirst(",.*", "");
  }

  /** A sounding pitch as it would be written at a note. */
  public String written(SoundingPitch pitch, int note) {
    Key key = study.passage().bars().get(study.notes().get(note).bar()).key();
    return Spelling.written(pitch, instrument, study.passage().transposition(), key).display();
  }

  /** Why a way costs more: the weightiest terms with their shares, and where if in another bar. */
  public String differences(List<Difference> why, int note) {
    int bar = study.notes().get(note).bar();
    return why.stream()
        .filter(d -> Math.abs(d.share()) >= LEAST_SHOWN)
        .limit(MOST_DIFFERENCES)
        .map(d -> share(d) + (study.notes().get(d.note()).bar() == bar ? "" : where(d)))
        .collect(Collectors.joining("; "));
  }

  /** Why a whole plan costs more: the weightiest terms with their shares and bars. */
  public String differences(List<Difference> why) {
    return why.stream()
        .filter(d -> Math.abs(d.share()) >= LEAST_SHOWN)
        .limit(MOST_DIFFERENCES_OF_PLANS)
        .map(d -> share(d) + where(d))
        .collect(Collectors.joining("; "));
  }

  private static String share(Difference difference) {
    String share = String.format(Locale.ROOT, "%+.1f", difference.share());
    return difference.text() + " " + share.replace('-', '\u2212');
  }

  private String where(Difference difference) {
    boolean upbeat =
        study.passage().bars().get(study.notes().get(difference.note()).bar()).uncounted();
    return upbeat ? " (upbeat)" : " (bar " + barOf(difference.note()) + ")";
  }

  private String barOf(int note) {
    return study.passage().bars().get(study.notes().get(note).bar()).label();
  }
}
