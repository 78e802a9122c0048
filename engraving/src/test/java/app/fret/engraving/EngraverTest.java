package app.fret.engraving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.score.Clef;
import app.fret.score.Finger;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.testing.Music;
import app.fret.testing.RandomPassages;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class EngraverTest {
  private static final double WIDTH = 80;

  private static Engraving engrave(String words) {
    return engrave(Music.passage(words));
  }

  private static Engraving engrave(Passage passage) {
    return new Engraver().engrave(passage, WIDTH);
  }

  private static List<Mark.Glyph> glyphs(Engraving engraving, Smufl... signs) {
    List<Smufl> wanted = List.of(signs);
    return engraving.systems().stream()
        .flatMap(s -> s.marks().stream())
        .filter(Mark.Glyph.class::isInstance)
        .map(Mark.Glyph.class::cast)
        .filter(g -> wanted.contains(g.sign()))
        .toList();
  }

  private static List<Mark.Line> stems(Engraving engraving) {
    double thickness = FontMetrics.BRAVURA.thickness("stemThickness");
    return engraving.systems().stream()
        .flatMap(s -> s.marks().stream())
        .filter(Mark.Line.class::isInstance)
        .map(Mark.Line.class::cast)
        .filter(l -> l.x1() == l.x2() && l.thickness() == thickness)
        .toList();
  }

  /** Staff places: the treble clef's bottom line is E4, its top line F5 (any primer). */
  @ParameterizedTest
  @CsvSource({"E4,4", "F5,0", "B4,2", "C4,5", "A5,-1", "G4,3"})
  void headsStandOnTheirLines(String pitch, double y) {
    Engraving engraving = engrave(pitch + "/1");
    assertThat(glyphs(engraving, Smufl.HEAD_WHOLE).get(0).y()).isEqualTo(y);
  }

  @ParameterizedTest
  @CsvSource({"ALTO,C4,2", "TENOR,C4,1", "BASS,F3,1", "BASS,G2,4"})
  void otherClefsMoveTheLines(String clef, String pitch, double y) {
    Clef named = clef.equals("ALTO") ? Clef.ALTO : clef.equals("TENOR") ? Clef.TENOR : Clef.BASS;
    Engraving engraving = engrave(Music.passage(Metre.of(4, 4), 0, named, pitch + "/1"));
    assertThat(glyphs(engraving, Smufl.HEAD_WHOLE).get(0).y()).isEqualTo(y);
  }

  @Test
  void stemsGoUpBelowTheMiddleLineAndDownFromItUpwards() {
    Engraving engraving = engrave("A4/4 B4/4 C5/4 E4/4");
    List<Mark.Line> stems = stems(engraving);
    assertThat(stems.get(0).y2()).isLessThan(stems.get(0).y1());
    assertThat(stems.get(1).y2()).isGreaterThan(stems.get(1).y1());
    assertThat(stems.get(2).y2()).isGreaterThan(stems.get(2).y1());
    assertThat(stems.get(3).y2()).isLessThan(stems.get(3).y1());
  }

  @Test
  void aBeamedGroupHasOneStemDirection() {
    List<Mark.Line> stems = stems(engrave("E4/8 D5/8 C5/8 D5/8 r/2"));
    assertThat(stems).allMatch(s -> s.y2() < s.y1());
  }

  @Test
  void stemsOnLedgerLinesReachTheMiddleLine() {
    List<Mark.Line> stems = stems(engrave("A3/4 E6/4 r/2"));
    assertThat(stems.get(0).y2()).isLessThanOrEqualTo(2);
    assertThat(stems.get(1).y2()).isGreaterThanOrEqualTo(2);
  }

  @Test
  void ledgerLinesLeadToNotesOutsideTheStaff() {
    assertThat(ledgers("A5/1")).containsExactly(-1.0);
    assertThat(ledgers("C6/1")).containsExactly(-1.0, -2.0);
    assertThat(ledgers("G5/1")).isEmpty();
    assertThat(ledgers("C4/1")).containsExactly(5.0);
    assertThat(ledgers("G3/1")).containsExactly(5.0, 6.0);
  }

  private static List<Double> ledgers(String words) {
    double thickness = FontMetrics.BRAVURA.thickness("legerLineThickness");
    List<Double> heights = new ArrayList<>();
    for (Mark mark : engrave(words).systems().get(0).marks()) {
      if (mark instanceof Mark.Line line
          && line.thickness() == thickness
          && line.y1() == line.y2()
          && line.role() == Mark.Role.STAFF) {
        heights.add(line.y1());
      }
    }
    return heights;
  }

  /** Accidentals hold to the bar line and no further (any primer). */
  @Test
  void accidentalsHoldForTheBarAndAreCancelledWithinIt() {
    assertThat(glyphs(engrave("F#5/4 F#5/4 F5/4 F5/4 | F#5/1"), Smufl.SHARP, Smufl.NATURAL))
        .extracting(Mark.Glyph::sign)
        .containsExactly(Smufl.SHARP, Smufl.NATURAL, Smufl.SHARP);
  }

  @Test
  void theKeySavesItsAccidentals() {
    Passage passage = Music.passage(Metre.of(4, 4), 1, Clef.TREBLE, "F#5/2 F5/2");
    assertThat(glyphs(engrave(passage), Smufl.NATURAL)).hasSize(1);
    assertThat(glyphs(engrave(passage), Smufl.SHARP)).as("the signature's").hasSize(1);
  }

  @Test
  void aTiedNoteDoesNotRepeatItsAccidental() {
    assertThat(glyphs(engrave("F#5/1~ | F#5/1"), Smufl.SHARP)).hasSize(1);
  }

  /** Rows of sharps and flats in each clef: common practice, no source. */
  @Test
  void signaturesStandInTheirRows() {
    assertThat(signature(4, Clef.TREBLE, Smufl.SHARP)).containsExactly(0.0, 1.5, -0.5, 1.0);
    assertThat(signature(-4, Clef.TREBLE, Smufl.FLAT)).containsExactly(2.0, 0.5, 2.5, 1.0);
    assertThat(signature(3, Clef.BASS, Smufl.SHARP)).containsExactly(1.0, 2.5, 0.5);
    assertThat(signature(-2, Clef.ALTO, Smufl.FLAT)).containsExactly(2.5, 1.0);
    assertThat(signature(2, Clef.TENOR, Smufl.SHARP)).containsExactly(3.0, 1.0);
  }

  private static List<Double> signature(int fifths, Clef clef, Smufl sign) {
    Passage passage = Music.passage(Metre.of(4, 4), fifths, clef, "r/1");
    return glyphs(engrave(passage), sign).stream().map(Mark.Glyph::y).toList();
  }

  @Test
  void systemsFillTheWidthExactly() {
    Engraving engraving = engrave("D5/16 E5/16 F5/16 G5/16 A5/4 B5/2 | ".repeat(12) + "D5/1");
    assertThat(engraving.systems().size()).isGreaterThan(2);
    for (int i = 0; i + 1 < engraving.systems().size(); i++) {
      List<Engraving.BarPlace> bars = engraving.systems().get(i).bars();
      assertThat(bars.get(bars.size() - 1).until()).isCloseTo(WIDTH, within(0.01));
    }
  }

  @Test
  void everyBarStandsOnceInOrder() {
    Engraving engraving = engrave("D5/4 E5/4 F5/4 G5/4 | ".repeat(20) + "D5/1");
    List<Integer> bars = new ArrayList<>();
    engraving.systems().forEach(s -> s.bars().forEach(b -> bars.add(b.bar())));
    assertThat(bars).hasSize(21).isSorted().doesNotHaveDuplicates();
  }

  @Test
  void longerNotesGetMoreRoomButNotInProportion() {
    List<Engraving.NotePlace> notes =
        engrave("D5/2 D5/4 D5/8 D5/8 | D5/1").systems().get(0).notes();
    double half = notes.get(1).x() - notes.get(0).x();
    double quarter = notes.get(2).x() - notes.get(1).x();
    double eighth = notes.get(3).x() - notes.get(2).x();
    assertThat(half).isGreaterThan(quarter).isLessThan(2 * quarter);
    assertThat(quarter).isGreaterThan(eighth).isLessThan(2 * eighth);
  }

  static LongStream seeds() {
    return LongStream.range(0, 60);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void anyPassageIsLaidOutWithinItsSystems(long seed) {
    Passage passage = RandomPassages.full(seed);
    Engraving engraving = engrave(passage);
    int placed = 0;
    for (Engraving.System system : engraving.systems()) {
      double before = Double.NEGATIVE_INFINITY;
      for (Engraving.NotePlace note : system.notes()) {
        assertThat(note.x()).isGreaterThan(before);
        assertThat(note.until()).isGreaterThan(note.x());
        before = note.x();
        placed++;
      }
      assertThat(system.top()).isLessThanOrEqualTo(0).isGreaterThan(-60);
      assertThat(system.bottom()).isGreaterThanOrEqualTo(4).isLessThan(60);
    }
    assertThat(placed)
        .isEqualTo((int) passage.events().stream().filter(Sounding.class::isInstance).count());
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void headsAndAccidentalsOfDifferentNotesNeverOverlap(long seed) {
    for (Engraving.System system : engrave(RandomPassages.full(seed)).systems()) {
      List<double[]> boxes = new ArrayList<>();
      for (Mark mark : system.marks()) {
        if (mark instanceof Mark.Glyph glyph && isHead(glyph.sign())) {
          boxes.add(box(glyph));
        }
      }
      for (int i = 0; i < boxes.size(); i++) {
        for (int j = i + 1; j < boxes.size(); j++) {
          assertThat(overlap(boxes.get(i), boxes.get(j))).as("heads %d and %d", i, j).isFalse();
        }
      }
    }
  }

  private static boolean isHead(Smufl sign) {
    return sign == Smufl.HEAD_BLACK || sign == Smufl.HEAD_HALF || sign == Smufl.HEAD_WHOLE;
  }

  private static double[] box(Mark.Glyph glyph) {
    FontMetrics.Box box = FontMetrics.BRAVURA.box(glyph.sign());
    return new double[] {
      glyph.x() + box.left() * glyph.scale(),
      glyph.y() + box.top() * glyph.scale(),
      glyph.x() + box.right() * glyph.scale(),
      glyph.y() + box.bottom() * glyph.scale()
    };
  }

  private static boolean overlap(double[] a, double[] b) {
    double slack = 0.02;
    return a[0] < b[2] - slack && b[0] < a[2] - slack && a[1] < b[3] - slack && b[1] < a[3] - slack;
  }

  @Test
  void headsASecondApartStandOnBothSidesOfTheStem() {
    List<Mark.Glyph> heads = glyphs(engrave("A4+B4/4 r/2."), Smufl.HEAD_BLACK);
    assertThat(Math.abs(heads.get(0).x() - heads.get(1).x())).isGreaterThan(1);
  }

  @Test
  void fingersAndStringsStandOverTheNoteWithoutTouching() {
    Passage plain = Music.passage("A5/4 G5/4 C6/4 D5/4");
    List<app.fret.score.Event> events = new ArrayList<>();
    for (app.fret.score.Event event : plain.events()) {
      Sounding sounding = (Sounding) event;
      events.add(
          sounding.withNotes(
              sounding.notes().stream()
                  .map(n -> n.withFingering(Optional.of(Finger.THIRD), OptionalInt.of(1)))
                  .toList()));
    }
    Engraving.System system = engrave(plain.withEvents(events)).systems().get(0);
    for (Engraving.NotePlace place : system.notes()) {
      List<Mark.Text> over =
          system.marks().stream()
              .filter(Mark.Text.class::isInstance)
              .map(Mark.Text.class::cast)
              .filter(t -> Math.abs(t.x() - place.x()) < 1.5)
              .toList();
      assertThat(over).hasSize(2);
      assertThat(over.get(0).y()).as("finger over the head").isLessThan(place.top());
      assertThat(over.get(1).y())
          .as("string over the finger")
          .isLessThan(over.get(0).y() - 0.6 * over.get(0).size());
    }
  }

  @Test
  void slursClearTheNotesTheySpan() {
    Engraving.System system = engrave("(F5/4 E6/4 D6/4 F5/4)").systems().get(0);
    Mark.Curve slur =
        system.marks().stream()
            .filter(Mark.Curve.class::isInstance)
            .map(Mark.Curve.class::cast)
            .findFirst()
            .orElseThrow();
    double middle = slur.middle().y1() + (slur.middle().controlY1() - slur.middle().y1()) * 0.75;
    assertThat(middle).isLessThan(-3.5 - 0.5);
  }

  @Test
  void aNarrowWindowStillGetsMusic() {
    Engraving engraving = new Engraver().engrave(Music.passage("D5/16 ".repeat(16)), 5);
    assertThat(engraving.widthSpaces()).isEqualTo(Engraver.NARROWEST_SPACES);
    assertThat(engraving.systems()).hasSize(1);
  }
}
