package app.fret.engraving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.score.Bar;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Where the smaller signs stand. */
class SignsTest {
  private static final double WIDTH = 80;

  private static Engraving.System system(Passage passage) {
    return new Engraver().engrave(passage, WIDTH).systems().get(0);
  }

  private static List<Mark.Glyph> glyphs(Engraving.System system, Smufl sign) {
    return system.marks().stream()
        .filter(Mark.Glyph.class::isInstance)
        .map(Mark.Glyph.class::cast)
        .filter(g -> g.sign() == sign)
        .toList();
  }

  private static Passage with(Passage passage, Directions directions) {
    return new Passage(
        passage.title(),
        passage.partName(),
        passage.bars(),
        passage.events(),
        passage.slurs(),
        passage.tuplets(),
        directions,
        passage.transposition());
  }

  private static Passage withMarks(String note, Marks marks) {
    Passage passage = Music.passage(note + " r/2.");
    List<Event> events = new ArrayList<>(passage.events());
    events.set(0, ((Sounding) events.get(0)).withMarks(marks));
    return passage.withEvents(events);
  }

  private static Passage withEdges(Passage passage, int index, Bar.Edges edges) {
    List<Bar> bars = new ArrayList<>(passage.bars());
    Bar bar = bars.get(index);
    bars.set(
        index,
        new Bar(
            bar.label(),
            bar.uncounted(),
            bar.onset(),
            bar.length(),
            bar.metre(),
            bar.key(),
            bar.clefs(),
            edges));
    return new Passage(
        passage.title(),
        passage.partName(),
        bars,
        passage.events(),
        passage.slurs(),
        passage.tuplets(),
        passage.directions(),
        passage.transposition());
  }

  @ParameterizedTest
  @EnumSource(Smufl.class)
  void everySignIsInTheFontAndHasASize(Smufl sign) {
    assertThat(FontMetrics.BRAVURA.box(sign).width()).isPositive();
    assertThat(FontMetrics.BRAVURA.box(sign).height()).isPositive();
    assertThat(sign.character().codePointAt(0)).isBetween(0xE000, 0xF8FF);
  }

  /** Line widths and anchors as the font's metadata states them. */
  @Test
  void theFontSaysHowThickLinesAreAndWhereStemsMeet() {
    FontMetrics metrics = FontMetrics.BRAVURA;
    assertThat(metrics.thickness("staffLineThickness")).isEqualTo(0.13);
    assertThat(metrics.thickness("beamThickness")).isEqualTo(0.5);
    assertThat(metrics.anchor(Smufl.HEAD_BLACK, "stemUpSE").x()).isEqualTo(1.18);
    assertThat(metrics.anchor(Smufl.HEAD_BLACK, "stemUpSE").y()).isEqualTo(-0.168);
  }

  @ParameterizedTest
  @CsvSource({"E4,false", "F5,true"})
  void staccatoDotsStandOppositeTheStem(String pitch, boolean above) {
    Marks marks =
        new Marks(Set.of(Marks.Articulation.STACCATO), Set.of(), Optional.empty(), false, 0);
    Engraving.System system = system(withMarks(pitch + "/4", marks));
    List<Mark.Glyph> dots = glyphs(system, above ? Smufl.STACCATO_ABOVE : Smufl.STACCATO_BELOW);
    assertThat(dots).hasSize(1);
    double head = glyphs(system, Smufl.HEAD_BLACK).get(0).y();
    assertThat(dots.get(0).y() < head).isEqualTo(above);
  }

  @Test
  void tenutoAndStaccatoTogetherAreOneSign() {
    Marks marks =
        new Marks(
            Set.of(Marks.Articulation.STACCATO, Marks.Articulation.TENUTO),
            Set.of(),
            Optional.empty(),
            false,
            0);
    Engraving.System system = system(withMarks("F5/4", marks));
    assertThat(glyphs(system, Smufl.TENUTO_STACCATO_ABOVE)).hasSize(1);
    assertThat(glyphs(system, Smufl.TENUTO_ABOVE)).isEmpty();
  }

  @Test
  void trillsHoldsAndTremolosAreDrawn() {
    Marks marks = new Marks(Set.of(), Set.of(Marks.Ornament.TRILL), Optional.empty(), true, 2);
    Engraving.System system = system(withMarks("D5/4", marks));
    Mark.Glyph trill = glyphs(system, Smufl.TRILL).get(0);
    Mark.Glyph hold = glyphs(system, Smufl.FERMATA_ABOVE).get(0);
    assertThat(trill.y()).isNegative();
    assertThat(hold.y()).as("the hold stands over the trill").isLessThan(trill.y());
    assertThat(glyphs(system, Smufl.TREMOLO_2)).hasSize(1);
  }

  @Test
  void dynamicsAndHairpinsShareALineUnderTheNotes() {
    Directions directions =
        new Directions(
            List.of(
                new Directions.Dynamic(Fraction.ZERO, "mf"),
                new Directions.Dynamic(Fraction.of(3, 4), "p")),
            List.of(new Directions.Hairpin(Fraction.of(1, 4), Fraction.of(3, 4), false)),
            List.of(),
            List.of(),
            List.of(),
            List.of());
    Engraving.System system = system(with(Music.passage("A3/4 B4/4 C5/4 D5/4"), directions));
    double mezzo = glyphs(system, Smufl.DYNAMIC_M).get(0).y();
    assertThat(glyphs(system, Smufl.DYNAMIC_P).get(0).y()).isEqualTo(mezzo);
    assertThat(mezzo).as("below the ledger lines of A3").isGreaterThan(6.5);
    List<Mark.Line> wedge =
        system.marks().stream()
            .filter(Mark.Line.class::isInstance)
            .map(Mark.Line.class::cast)
            .filter(l -> l.role() == Mark.Role.EXPRESSION)
            .toList();
    assertThat(wedge).hasSize(2);
    assertThat(wedge.get(0).y1()).as("open at the left").isLessThan(wedge.get(1).y1());
    assertThat(wedge.get(0).y2()).as("closed at the right").isEqualTo(wedge.get(1).y2());
  }

  @Test
  void wordsTemposAndRehearsalMarksStandInARowOverTheStaff() {
    Directions directions =
        new Directions(
            List.of(),
            List.of(),
            List.of(new Directions.Words(Fraction.ZERO, "Andante", true)),
            List.of(
                new Directions.TempoMark(Fraction.ZERO, new Tempo(BeatUnit.DOTTED_QUARTER, 72))),
            List.of(new Directions.Rehearsal(Fraction.ZERO, "C")),
            List.of());
    Engraving.System system = system(with(Music.passage("D5/1"), directions));
    List<Mark.Text> texts =
        system.marks().stream()
            .filter(Mark.Text.class::isInstance)
            .map(Mark.Text.class::cast)
            .toList();
    assertThat(texts).extracting(Mark.Text::text).containsExactly("C", "Andante", "= 72");
    assertThat(texts).extracting(Mark.Text::x).isSorted();
    assertThat(texts).extracting(Mark.Text::y).containsOnly(texts.get(0).y());
    assertThat(glyphs(system, Smufl.BEAT_DOT)).hasSize(1);
  }

  @Test
  void aLongTempoMarkClearsTheBeamsItReachesOver() {
    Directions directions =
        new Directions(
            List.of(),
            List.of(),
            List.of(new Directions.Words(Fraction.ZERO, "Vivo", true)),
            List.of(new Directions.TempoMark(Fraction.ZERO, new Tempo(BeatUnit.QUARTER, 116))),
            List.of(new Directions.Rehearsal(Fraction.ZERO, "F")),
            List.of());
    Engraving.System system =
        system(with(Music.passage("D5/16 A4/16 F4/16 A4/16 r/2."), directions));
    double beamTop =
        system.marks().stream()
            .filter(Mark.Shape.class::isInstance)
            .map(Mark.Shape.class::cast)
            .flatMapToDouble(
                b -> java.util.stream.IntStream.of(1, 3).mapToDouble(i -> b.points().get(i)))
            .min()
            .orElseThrow();
    Mark.Glyph sign = glyphs(system, Smufl.BEAT_QUARTER).get(0);
    double foot = sign.y() + FontMetrics.BRAVURA.box(Smufl.BEAT_QUARTER).bottom() * sign.scale();
    assertThat(foot).isLessThan(beamTop - 0.3);
  }

  @Test
  void aWholeBarRestStandsInTheMiddleOfItsBar() {
    Passage passage = Music.passage("r/1 | D5/1");
    List<Event> events = new ArrayList<>(passage.events());
    events.set(
        0, new Rest(0, Fraction.ZERO, Fraction.ONE, WrittenLength.of(NoteValue.WHOLE), true));
    Engraving.System system = system(passage.withEvents(events));
    Mark.Glyph rest = glyphs(system, Smufl.REST_WHOLE).get(0);
    Engraving.BarPlace bar = system.bars().get(0);
    double middle = rest.x() + FontMetrics.BRAVURA.width(Smufl.REST_WHOLE) / 2;
    assertThat(middle).isCloseTo((bar.x() + bar.until()) / 2, within(0.01));
  }

  @Test
  void repeatsHaveDotsAndEndingsTheirBrackets() {
    Passage passage = Music.passage("D5/1 | E5/1 | F5/1");
    Passage marked =
        withEdges(
            withEdges(passage, 0, new Bar.Edges(true, 0, Optional.empty(), false, Bar.Line.PLAIN)),
            1,
            new Bar.Edges(false, 2, Optional.of("1"), true, Bar.Line.PLAIN));
    Engraving.System system = system(marked);
    assertThat(glyphs(system, Smufl.REPEAT_DOT)).hasSize(4);
    assertThat(system.marks())
        .anyMatch(m -> m instanceof Mark.Text text && text.text().equals("1."));
  }

  @Test
  void tupletsShowTheirFigureInsideTheBracket() {
    Passage passage = Music.passage(Metre.of(1, 4), "D5/8 E5/8");
    TupletRatio ratio = new TupletRatio(3, 2);
    List<Event> events = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      WrittenLength written = new WrittenLength(NoteValue.EIGHTH, 0, ratio);
      Sounding source = (Sounding) passage.events().get(0);
      events.add(
          new Sounding(
              0,
              Fraction.of(i, 12),
              written.length(),
              written,
              Sounding.Grace.NONE,
              source.notes(),
              Marks.NONE));
    }
    Passage triplet =
        new Passage(
            "t",
            "p",
            passage.bars(),
            events,
            List.of(),
            List.of(new Tuplet(new Span(0, 2), ratio, true)),
            Directions.NONE,
            Optional.empty());
    Engraving.System system = system(triplet);
    Mark.Glyph figure = glyphs(system, Smufl.TUPLET_3).get(0);
    assertThat(figure.x()).isBetween(system.notes().get(0).x(), system.notes().get(2).x() + 1.2);
  }

  @Test
  void graceNotesAreSmallAndStandBeforeTheirNote() {
    Engraving.System system = system(Music.passage("C5/4 gD5/8 E5/2."));
    List<Mark.Glyph> black = glyphs(system, Smufl.HEAD_BLACK);
    assertThat(black.get(1).scale()).isLessThan(1);
    assertThat(black.get(1).x()).isLessThan(glyphs(system, Smufl.HEAD_HALF).get(0).x());
  }

  @Test
  void anOctaveLinePrintsNotesAnOctaveLower() {
    Passage passage = Music.passage("E6/1 | E5/1");
    Directions eighth =
        new Directions(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(new Directions.OctaveShift(Fraction.ZERO, Fraction.ONE, 1)));
    List<Mark.Glyph> heads = glyphs(system(with(passage, eighth)), Smufl.HEAD_WHOLE);
    assertThat(heads.get(0).y()).isEqualTo(heads.get(1).y());
    assertThat(glyphs(system(with(passage, eighth)), Smufl.OTTAVA_ABOVE)).hasSize(1);
  }

  @Test
  void aClefThatChangesInTheBarIsSmallAndTakesRoom() {
    Passage passage = Music.passage("C5/2 C3/2");
    Bar bar = passage.bars().get(0);
    Bar changing =
        new Bar(
            "1",
            false,
            bar.onset(),
            bar.length(),
            bar.metre(),
            bar.key(),
            List.of(bar.clefs().get(0), new Bar.ClefAt(Fraction.of(1, 2), Clef.BASS)),
            bar.edges());
    Passage changed =
        new Passage(
            "t",
            "p",
            List.of(changing),
            passage.events(),
            List.of(),
            List.of(),
            Directions.NONE,
            Optional.empty());
    Engraving.System system = system(changed);
    Mark.Glyph clef = glyphs(system, Smufl.F_CLEF_CHANGE).get(0);
    List<Mark.Glyph> heads = glyphs(system, Smufl.HEAD_HALF);
    assertThat(clef.x()).isBetween(heads.get(0).x() + 1, heads.get(1).x() - 2);
    assertThat(heads.get(1).y()).as("C3 in the bass clef").isEqualTo(2.5);
  }

  @Test
  void aMetreWithoutSignatureShowsNone() {
    Passage passage =
        Music.passage(new Metre(List.of(4), 4, Metre.Sign.NONE), "C5/4 D5/4 E5/4 F5/4 G5/4");
    assertThat(glyphs(system(passage), Smufl.TIME_4)).isEmpty();
    assertThat(glyphs(system(Music.passage("C5/1")), Smufl.TIME_4)).hasSize(2);
  }

  @Test
  void theSkylineKnowsInkFromStaff() {
    Skyline skyline = new Skyline(20);
    assertThat(skyline.topBetween(1, 2)).isZero();
    assertThat(skyline.inkTopBetween(1, 2)).isPositive().isInfinite();
    skyline.add(1, 2, -3, 1);
    assertThat(skyline.topBetween(0, 5)).isEqualTo(-3);
    assertThat(skyline.bottomBetween(0, 5)).isEqualTo(4);
    assertThat(skyline.inkBottomBetween(1.2, 1.8)).isEqualTo(1);
    assertThat(skyline.topBetween(3, 5)).isZero();
  }
}
