package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.demo.DemoBook;
import app.fret.edit.StaffPen;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.reading.PlayedNote;
import app.fret.score.Marks;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Span;
import app.fret.score.WrittenPitch;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Sixteen bars of sixteenths, written on the staff key by key as a player would. */
class KeysANoteTest {
  private StaffPen pen;
  private int keys;

  private void press(UnaryOperator<StaffPen> key) {
    pen = key.apply(pen);
    keys++;
  }

  private static Passage demo() throws Exception {
    byte[] bytes = DemoBook.class.getResourceAsStream("harbour-wind.musicxml").readAllBytes();
    return new MusicXmlReader().open("harbour-wind.musicxml", bytes).read(0).passage();
  }

  private static List<WrittenPitch> pitches(Passage passage) {
    return PlayedNote.of(passage).stream().map(n -> n.notes().get(0).written()).toList();
  }

  private WrittenPitch last() {
    List<WrittenPitch> all = pitches(pen.music().passage());
    return all.get(all.size() - 1);
  }

  private void write(WrittenPitch wanted, int perBeat) {
    if (pen.perBeat() != perBeat) {
      press(p -> p.perBeat(perBeat));
    }
    press(p -> p.note(wanted.step()));
    while (last().octave() != wanted.octave()) {
      int up = Integer.signum(wanted.octave() - last().octave());
      press(p -> p.octave(up));
    }
    while (last().alter() != wanted.alter()) {
      int up = Integer.signum(wanted.alter() - last().alter());
      press(p -> p.alter(up));
    }
  }

  @Test
  void aPageOfSixteenthsTakesAboutTwoKeysANoteWithItsSlursAndDots() throws Exception {
    Passage wanted = demo();
    PassageBuilder blank = new PassageBuilder().metre(wanted.bars().get(0).metre());
    blank.key(wanted.bars().get(0).key()).clef(wanted.bars().get(0).clefs().get(0).clef());
    pen = StaffPen.over(blank.bar().restForWholeBar().build());
    List<PlayedNote> notes = PlayedNote.of(wanted);
    for (PlayedNote note : notes) {
      double quarters = 4 * note.length().doubleValue();
      write(note.notes().get(0).written(), (int) Math.max(1, Math.round(1 / quarters)));
      for (int held = 1; held < Math.round(quarters); held++) {
        press(StaffPen::longer);
      }
      if (note.marks().articulations().contains(Marks.Articulation.STACCATO)) {
        press(p -> p.signs(m -> m.toggled(Marks.Articulation.STACCATO)));
      }
      for (Span slur : wanted.slurs()) {
        if (slur.first() == note.events().first() || slur.last() == note.events().last()) {
          press(StaffPen::slur);
        }
      }
    }
    assertThat(pitches(pen.music().passage())).isEqualTo(pitches(wanted));
    assertThat(pen.music().passage().slurs()).isEqualTo(wanted.slurs());
    double each = (double) keys / notes.size();
    System.out.printf("keys a note: %.2f over %d notes%n", each, notes.size());
    assertThat(each).isLessThan(2.2);
  }
}
