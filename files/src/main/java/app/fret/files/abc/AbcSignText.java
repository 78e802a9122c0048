package app.fret.files.abc;

import app.fret.score.BowDirection;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Passage;
import java.util.Set;

/** Writes the signs that stand before a note in ABC. */
final class AbcSignText {
  private AbcSignText() {}

  /** Dynamics, words, tempi and wedges at an event. */
  static void addDirections(Passage passage, Event event, StringBuilder text) {
    Directions all = passage.directions();
    all.tempos().stream()
        .filter(t -> t.onset().signum() > 0 && t.onset().equals(event.onset()))
        .forEach(t -> text.append("[Q:").append(AbcWriter.tempo(t)).append(']'));
    all.words().stream()
        .filter(w -> w.onset().equals(event.onset()))
        .forEach(w -> text.append(words(w)));
    all.dynamics().stream()
        .filter(d -> d.onset().equals(event.onset()))
        .forEach(d -> text.append('!').append(d.sign()).append('!'));
    for (Directions.Hairpin hairpin : all.hairpins()) {
      String sign = hairpin.growing() ? "<" : ">";
      if (hairpin.from().equals(event.onset())) {
        text.append('!').append(sign).append("(!");
      }
      if (hairpin.to().equals(event.end()) && event.length().signum() > 0) {
        text.append('!').append(sign).append(")!");
      }
    }
  }

  /** Articulations, ornaments, bow and hold. */
  static void addMarks(Marks marks, StringBuilder text, Set<String> left) {
    marks.articulations().forEach(a -> text.append(articulation(a, left)));
    marks.ornaments().forEach(o -> text.append(ornament(o)));
    marks.bow().ifPresent(b -> text.append(b == BowDirection.UP ? 'u' : 'v'));
    text.append(marks.fermata() ? "!fermata!" : "");
    if (marks.tremoloStrokes() > 0) {
      left.add("strokes of a tremolo");
    }
    marks.join().ifPresent(j -> left.add(joined(j.kind())));
  }

  private static String words(Directions.Words words) {
    return switch (words.text()) {
      case Directions.Words.SEGNO -> "!segno!";
      case Directions.Words.CODA -> "!coda!";
      default -> (words.above() ? "\"^" : "\"_") + words.text().replace('"', '\'') + '"';
    };
  }

  private static String joined(Marks.Join.Kind kind) {
    return switch (kind) {
      case GLISSANDO, SLIDE -> "lines of glissandi";
      case TREMOLO -> "tremolos of two notes";
    };
  }

  private static String articulation(Marks.Articulation articulation, Set<String> left) {
    return switch (articulation) {
      case SNAP_PIZZICATO -> {
        left.add("signs of snapped strings");
        yield "";
      }
      case STACCATO -> ".";
      case TENUTO -> "!tenuto!";
      case STACCATISSIMO -> "!wedge!";
      case ACCENT -> "!accent!";
      case STRONG_ACCENT -> "!marcato!";
      case DETACHED_LEGATO -> {
        left.add("dots under lines");
        yield "";
      }
    };
  }

  private static String ornament(Marks.Ornament ornament) {
    return switch (ornament) {
      case TRILL -> "!trill!";
      case MORDENT -> "!lowermordent!";
      case INVERTED_MORDENT -> "!uppermordent!";
      case TURN -> "!turn!";
      case INVERTED_TURN -> "!invertedturn!";
    };
  }

  /** The finger of a head; strings and harmonics are left out. */
  static void addFinger(Note head, StringBuilder text, Set<String> left) {
    head.finger()
        .ifPresent(
            f -> text.append('!').append(f == Finger.THUMB ? "thumb" : f.sign()).append('!'));
    if (head.string().isPresent()) {
      left.add("numbers of strings");
    }
    if (head.harmonic() != Note.Harmonic.NONE) {
      left.add("signs of harmonics");
    }
  }
}
