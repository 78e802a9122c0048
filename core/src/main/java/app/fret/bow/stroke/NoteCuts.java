package app.fret.bow.stroke;

import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.brief.Brief;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Where the bow may change inside a note: on beats, in the free school where even the slowest bow
 * needs most of the hair, and where the player decided it. A note without a beat inside may change
 * in its middle.
 */
public final class NoteCuts implements BowLine.Cuts {
  private static final double MOST_OF_HAIR = 0.7;
  private static final int MOST_CUTS = 4;
  private static final double COMFORTABLE = 0.9;

  private final Brief brief;
  private final BowSchool school;
  private final Decided decided;

  /** The cuts of a passage in a school, under what is decided. */
  public NoteCuts(Brief brief, BowSchool school, Decided decided) {
    this.brief = brief;
    this.school = school;
    this.decided = decided;
  }

  @Override
  public List<Fraction> inside(PlayedNote note) {
    boolean asked = decided.has(note.number(), Act.CHANGE_INSIDE);
    boolean isFree = school == BowSchool.FREE && isLong(note);
    if (note.isGrace() || !(asked || isFree)) {
      return List.of();
    }
    List<Fraction> beats = beatsInside(note);
    if (beats.isEmpty()) {
      beats = List.of(note.onset().add(note.length().divide(2)));
    }
    if (asked) {
      return nearest(beats, note, needed(note) - 1);
    }
    return beats.size() <= MOST_CUTS ? beats : nearest(beats, note, MOST_CUTS);
  }

  /** Strokes that a note needs so that none runs out, at least two. */
  private int needed(PlayedNote note) {
    return (int) Math.max(2, Math.ceil(slowestCm(note) / (COMFORTABLE * hairCm())));
  }

  /** So many of some moments, nearest to even shares of the note. */
  private static List<Fraction> nearest(List<Fraction> moments, PlayedNote note, int count) {
    TreeSet<Fraction> chosen = new TreeSet<>();
    for (int k = 1; k <= count; k++) {
      double even = note.onset().doubleValue() + note.length().doubleValue() * k / (count + 1);
      moments.stream()
          .min(Comparator.comparingDouble((Fraction m) -> Math.abs(m.doubleValue() - even)))
          .ifPresent(chosen::add);
    }
    return List.copyOf(chosen);
  }

  private double slowestCm(PlayedNote note) {
    double perSecond = BowSpeeds.slowestCmPerSecond(brief.levels().printed(note.number()));
    return brief.timeline().lengthSeconds(note.number()) * perSecond;
  }

  private double hairCm() {
    return brief.player().instrument().bowHairMm() / 10;
  }

  private boolean isLong(PlayedNote note) {
    return slowestCm(note) > MOST_OF_HAIR * hairCm()
        && !brief.reading().technique(note.number()).isPlucked();
  }

  private List<Fraction> beatsInside(PlayedNote note) {
    List<Fraction> beats = new ArrayList<>();
    List<Bar> bars = brief.passage().bars();
    for (int i = note.bar(); i < bars.size(); i++) {
      Bar bar = bars.get(i);
      if (bar.onset().compareTo(note.end()) >= 0) {
        break;
      }
      Fraction beat = bar.onset();
      for (Fraction length : bar.metre().beats()) {
        if (beat.compareTo(note.onset()) > 0 && beat.compareTo(note.end()) < 0) {
          beats.add(beat);
        }
        beat = beat.add(length);
      }
    }
    return beats;
  }
}
