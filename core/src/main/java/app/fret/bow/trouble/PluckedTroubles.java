package app.fret.bow.trouble;

import static app.fret.bow.trouble.BowTroubles.words;

import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Decided;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.trouble.BowTrouble.Kind;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;

/** Changes between bow and plucking without time (common practice, no source). */
final class PluckedTroubles {
  private static final double TO_ARCO_SECONDS = 0.5;
  private static final double TO_PLUCKED_SECONDS = 0.35;
  private static final double OF_NOTE_BEFORE = 0.3;
  private static final double OF_SHORTENED = 0.6;

  private final BowLine line;
  private final Decided decided;
  private final BowTroubles.Found found;

  PluckedTroubles(BowLine line, Decided decided, BowTroubles.Found found) {
    this.line = line;
    this.decided = decided;
    this.found = found;
  }

  void find() {
    for (int i = 1; i < line.notes().size(); i++) {
      BowedNote before = line.note(i - 1);
      BowedNote now = line.note(i);
      if (isPlucked(before) != isPlucked(now)) {
        lookAt(before, now);
      }
    }
  }

  private boolean isPlucked(BowedNote note) {
    return decided
        .find(note.number(), Act.KIND)
        .flatMap(StrokeDecision::kind)
        .map(k -> k == StrokeKind.PIZZICATO)
        .orElse(note.isPlucked());
  }

  private void lookAt(BowedNote before, BowedNote now) {
    boolean shortened = decided.has(before.number(), Act.SHORTEN);
    double share = shortened ? OF_SHORTENED : OF_NOTE_BEFORE;
    double there = now.silenceSeconds() + share * before.seconds();
    double needed = isPlucked(now) ? TO_PLUCKED_SECONDS : TO_ARCO_SECONDS;
    if (there >= needed) {
      return;
    }
    String text =
        isPlucked(now)
            ? "From the bow to plucking in %.2f s; it needs %.2f s."
            : "From plucking to the bow in %.2f s; it needs %.2f s.";
    List<Mend> mends = new ArrayList<>();
    if (now.silenceSeconds() + OF_SHORTENED * before.seconds() >= needed) {
      StrokeAt early = BowTroubles.on(line, before.number(), StrokeDecision.of(Act.SHORTEN));
      mends.add(new Mend("Leave the note before early.", List.of(early)));
    }
    mends.add(bowed(isPlucked(now) ? now.number() : before.number()));
    found.add(
        Kind.PLUCKED_CHANGE, before.number(), now.number(), words(text, there, needed), mends);
  }

  /** The plucked notes of a run, played short with the bow. */
  private Mend bowed(int note) {
    int first = note;
    int last = note;
    while (first > 0 && isPluckedNumber(first - 1)) {
      first--;
    }
    while (last + 1 < line.brief().notes().size() && isPluckedNumber(last + 1)) {
      last++;
    }
    List<StrokeAt> decisions = new ArrayList<>();
    for (int i = first; i <= last; i++) {
      decisions.add(BowTroubles.on(line, i, StrokeDecision.kind(StrokeKind.SHORT)));
    }
    return new Mend("Play the plucked notes short with the bow.", decisions);
  }

  private boolean isPluckedNumber(int number) {
    return isPlucked(line.note(line.pieces(new Span(number, number)).first()));
  }
}
