package app.fret.study;

import app.fret.bow.stroke.StringLevels;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.reading.PlayedNote;
import app.fret.score.Marks;
import app.fret.shape.Character;
import app.fret.vibrato.Vibrato;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What both hands make of one note's shape (common practice, no source).
 *
 * @param onItsString levels to add for the string it is taken on
 * @param soundingShare share of its written length that sounds, 0 to 1
 * @param accent how its accent is made; empty without one
 */
public record NoteShape(double onItsString, double soundingShare, Optional<Accent> accent) {
  private static final double LONG_SECONDS = 0.8;
  private static final double LOUD = 7;

  /** How an accent is made. */
  public enum Accent {
    IMPULSE("impulse", "weight into the start, then out of it"),
    SPEED("speed", "a quicker bow at the start"),
    VIBRATO("vibrato", "vibrato from the first moment"),
    LENGTH("length", "held a little longer, its neighbours lighter");

    private final String id;
    private final String words;

    Accent(String id, String words) {
      this.id = id;
      this.words = words;
    }

    /** Its name in files. */
    public String id() {
      return id;
    }

    /** What is done, for players. */
    public String words() {
      return words;
    }
  }

  /** The shapes of all notes of a study, in order. */
  public static List<NoteShape> of(Study study) {
    List<NoteShape> shapes = new ArrayList<>();
    for (Stroke stroke : study.bow().strokes()) {
      for (int note = stroke.firstNote(); note <= stroke.lastNote(); note++) {
        if (note == shapes.size()) {
          shapes.add(of(study, stroke, note));
        }
      }
    }
    return shapes;
  }

  private static NoteShape of(Study study, Stroke stroke, int note) {
    int top = topString(study, note);
    int before = note == 0 ? top : topString(study, note - 1);
    return new NoteShape(
        StringLevels.of(study.brief(), note, top, before),
        soundingShare(study, stroke, note),
        accent(study, note));
  }

  private static int topString(Study study, int note) {
    return study.bow().planes().notes().get(note).string();
  }

  /** By the stroke; the last note under a slur is not clipped. */
  private static double soundingShare(Study study, Stroke stroke, int note) {
    boolean legato = stroke.kind() == StrokeKind.LEGATO || stroke.kind() == StrokeKind.DISTINCT;
    if (legato || stroke.kind() == StrokeKind.PIZZICATO) {
      return 1;
    }
    double factor =
        study.levels().phraseOf(note).character().map(Character::lengthFactor).orElse(1.0);
    return stroke.kind().soundingShare() * factor;
  }

  private static Optional<Accent> accent(Study study, int note) {
    PlayedNote played = study.notes().get(note);
    var signs = played.marks().articulations();
    if (signs.contains(Marks.Articulation.STRONG_ACCENT)) {
      return Optional.of(Accent.IMPULSE);
    }
    if (!signs.contains(Marks.Articulation.ACCENT)) {
      return Optional.empty();
    }
    boolean isLong = study.brief().timeline().lengthSeconds(note) >= LONG_SECONDS;
    boolean loud = study.levels().printed(note) >= LOUD;
    boolean swings = study.vibrato().notes().get(note).need() != Vibrato.Need.NONE;
    if (isLong) {
      return Optional.of(!loud && swings ? Accent.VIBRATO : Accent.SPEED);
    }
    return Optional.of(isEven(study, note) && !loud ? Accent.LENGTH : Accent.IMPULSE);
  }

  /** Whether it is as long as its neighbours, so that length is heard. */
  private static boolean isEven(Study study, int note) {
    boolean inside = note > 0 && note + 1 < study.notes().size();
    return inside
        && study.notes().get(note - 1).length().equals(study.notes().get(note).length())
        && study.notes().get(note + 1).length().equals(study.notes().get(note).length());
  }
}
