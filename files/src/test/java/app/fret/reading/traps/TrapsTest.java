package app.fret.reading.traps;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.abc.AbcReader;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Directions;
import app.fret.score.Passage;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What a reader marks on a page: common practice, no source. The pages are typed as ABC, which says
 * all that is on them in a line; they and their lists were written before the rules ran on them.
 */
class TrapsTest {
  private static Passage passage(String music) {
    return AbcReader.read(music).passage().orElseThrow();
  }

  private static List<String> places(Passage passage) {
    Reading reading = Reading.of(passage);
    return Traps.of(reading).stream().map(t -> place(reading, t)).toList();
  }

  private static String place(Reading reading, Trap trap) {
    PlayedNote note = reading.notes().get(trap.note());
    return trap.kind().id()
        + " "
        + reading.passage().bars().get(note.bar()).label()
        + ":"
        + note.indexInBar();
  }

  private static List<String> places(String head, String music) {
    return places(passage("X:1\nM:4/4\nL:1/8\n" + head + "\n" + music));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '@',
      value = {
        "K:G; D2 ^c2 B2 c2|;altered-against-key 1:2, accidental-holds 1:4",
        "K:G; D2 ^c2 c2 B2|;altered-against-key 1:2",
        "K:G; ^c2 B2 A2 G2|c2 B2 A2 G2|;altered-against-key 1:1, accidental-cancelled 2:1",
        "K:G; ^c2 B2 A2 G2|=c2 B2 A2 G2|;altered-against-key 1:1",
        "K:Am; E2 ^G2 A4|;raised-leading-note 1:2",
        "K:Am; E2 ^G2 B4|;altered-against-key 1:2",
        "K:C; C2 ^C2 D2 ^D2|E8|;@@",
        "K:D; d2 =f2 a2 d2|A2 =f2 d4|;altered-against-key 1:2",
        "K:C; c8|[K:clef=bass]C,8|;clef-change 2:1",
        "K:C; (c2 c2) d4|;tie-beside-slur 1:2",
        "K:C; c4-(c2 d2)|;tie-beside-slur 1:1",
        "K:C; c8|[M:3/4]d6|;metre-change 2:1",
        "K:C; c8|[K:D]d8|;key-change 2:1",
        "K:C; [M:(3+2)/8]c5|[M:(2+3)/8]d5|;grouping-change 2:1",
        "K:C; c8|Z2|d8|;long-rest 4:1",
        "K:C; c8|z8|d8|;@@",
        "K:C; cdedcBcd|cdedcBAd|;repeat-differs 2:7",
        "K:C; cdedcBcd|cdedcBcd|;@@",
        "K:C; (.c.d.e.f) g4|;same-direction-dots 1:1",
        "K:C; (.c.d.e.f) (.g.f.e.d)|;same-direction-dots 1:1",
        "K:C; \"^arco\"c4 \"^pizz.\"d4|\"^arco\"e8|;plucked-change 1:2, plucked-change 2:1",
        "K:C; c4 \"^div.\"[ce]4|;divided 1:2",
        "K:C; c4 d/e/f/g/ a2|;fast-after-long 1:2",
        "K:C; cdef gfed|c8|;before-texture-change 1:7",
        "K:C; \"^zoppo\"c4 \"^poco rit.\"d4|;unknown-word 1:1",
        "K:C; c/d/e/f/ \"^rit.\"g2 a2 g2|c8|;slower-word 1:5",
        "K:C; cdef \"^rit.\"gfed|c8|;before-texture-change 1:7",
        "K:C; {d}c4 Td4|;grace-or-trill 1:1, grace-or-trill 1:3",
      })
  void eachKindIsFoundAtItsNote(String head, String music, String told) {
    List<String> wanted = told == null || told.isBlank() ? List.of() : List.of(told.split(", "));
    assertThat(places(head, music)).isEqualTo(wanted);
  }

  @Test
  void anOctaveLineIsToldWhereItBegins() {
    Passage plain = passage("X:1\nM:4/4\nL:1/4\nK:C\ncdef|gabc'|");
    Directions shift =
        new Directions(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(new Directions.OctaveShift(Fraction.of(1), Fraction.of(2), 1)));
    Passage passage =
        new Passage(
            plain.title(),
            plain.partName(),
            plain.bars(),
            plain.events(),
            plain.slurs(),
            plain.tuplets(),
            shift,
            plain.transposition());
    assertThat(places(passage)).containsExactly("octave-sign 2:1");
  }

  @Test
  void everyTrapIsOnePlainSentenceThatNamesWhatToDo() {
    List<Trap> traps =
        Traps.of(
            Reading.of(
                passage(
                    "X:1\nM:4/4\nL:1/8\nK:Dm\nd2 ^c2 d2 ^c2|[K:clef=tenor]D2 _E2 Td4|"
                        + "[M:3/4](.d.e.f) z2 c|[K:G] Z3|d6|")));
    assertThat(traps).hasSizeGreaterThan(5);
    assertThat(traps)
        .allSatisfy(
            t ->
                assertThat(t.text())
                    .matches("[A-Z0-9].*[.]")
                    .doesNotContain("  ")
                    .hasSizeLessThan(90));
  }

  /** Sixteen ordinary bars: what a reader would mark, no more. */
  @Test
  void anOrdinaryPageGivesOnlyWhatAReaderWouldMark() {
    String page =
        "X:1\nT:Plain page\nM:3/4\nL:1/8\nK:D\n"
            + "d2 f2 a2|g2 f2 e2|d2 A2 F2|E4 z2|"
            + "f2 a2 d'2|c'2 b2 a2|b2 ^g2 e2|a6|"
            + "g2 b2 d'2|c'2 a2 g2|f2 a2 =c'2|b4 z2|"
            + "g2 f2 e2|a2 g2 f2|e2 d2 c2|d6|]";
    assertThat(places(passage(page)))
        .containsExactly("altered-against-key 7:2", "altered-against-key 11:3");
  }

  /** Eight bars full of traps in a minor key: each is told once. */
  @Test
  void aHardPageIsReadWhole() {
    String page =
        "X:1\nT:Hard page\nM:4/4\nL:1/8\nK:Gm\n"
            + "G2 ^F2 G2 A2|B2 ^f2 g2 f2|Td8|(.d.c.B.A) G4|"
            + "Z2|G4 A/B/c/d/ e2|[M:2/4]d2 _A2|G4|]";
    assertThat(places(passage(page)))
        .containsExactly(
            "raised-leading-note 1:2",
            "accidental-holds 2:4",
            "grace-or-trill 3:1",
            "same-direction-dots 4:1",
            "long-rest 7:1",
            "fast-after-long 7:2",
            "metre-change 8:1",
            "altered-against-key 8:2");
  }
}
