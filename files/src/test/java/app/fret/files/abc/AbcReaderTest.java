package app.fret.files.abc;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Bar;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.EightBelow;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.score.TupletRatio;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The syntax is that of the published ABC standard, version 2.1; the tunes are made up here. */
class AbcReaderTest {
  private static final String HEAD = "X:1\nT:Made up\nM:4/4\nL:1/4\nK:C\n";

  private static Passage read(String music) {
    AbcTune tune = AbcReader.read(music.startsWith("X:") ? music : HEAD + music);
    assertThat(tune.problems()).isEmpty();
    assertThat(tune.places()).hasSameSizeAs(tune.passage().orElseThrow().events());
    return tune.passage().orElseThrow();
  }

  /** Pitches, with + between the heads of a chord, r for rests, and lengths of whole notes. */
  private static String told(Passage passage) {
    return passage.events().stream().map(AbcReaderTest::told).collect(Collectors.joining(" "));
  }

  private static String told(Event event) {
    String what =
        event instanceof Sounding sounding
            ? sounding.notes().stream()
                .map(n -> n.written().toString())
                .collect(Collectors.joining("+"))
            : "r";
    Fraction length = event.length();
    return what + "/" + length.getNumerator() + ":" + length.getDenominator();
  }

  private static Sounding sounding(Passage passage, int event) {
    return (Sounding) passage.events().get(event);
  }

  private static Note head(Passage passage, int event) {
    return sounding(passage, event).notes().get(0);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "C, C c c'|; C3/1:4 C4/1:4 C5/1:4 C6/1:4",
        "C2 D/ E/ F3/4 G//|; C4/1:2 D4/1:8 E4/1:8 F4/3:16 G4/1:16",
        "C2 z2|; C4/1:2 r/1:2",
        "A>B c<d e2|; A4/3:8 B4/1:8 C5/1:8 D5/3:8",
        "[CEG]2 [c2e2]|; C4+E4+G4/1:2 C5+E5/1:2",
        "^F _B =c ^^d|; F#4/1:4 Bb4/1:4 C5/1:4 D##5/1:4",
      })
  void notesAreReadAsWritten(String music, String told) {
    String whole = music.contains(">") ? music.replace(" e2", "") : music;
    assertThat(told(read(whole))).isEqualTo(told);
  }

  @Test
  void aTupletTakesTheTimeOfFewer() {
    Passage passage = read("(3cde (3:2:2f2g|");
    assertThat(told(passage)).isEqualTo("C5/1:6 D5/1:6 E5/1:6 F5/1:3 G5/1:6");
    assertThat(passage.tuplets())
        .extracting(t -> t.span())
        .containsExactly(new Span(0, 2), new Span(3, 4));
    assertThat(passage.tuplets().get(0).ratio()).isEqualTo(new TupletRatio(3, 2));
  }

  @Test
  void headFieldsSetKeyMetreUnitTempoAndClef() {
    Passage passage =
        read("X:1\nT:Low road\nM:6/8\nQ:\"Calm\" 3/8=52\nK:Bb clef=bass\nB,2D F,2A, | G,6 |]");
    Bar first = passage.bars().get(0);
    assertThat(first.metre()).isEqualTo(Metre.of(6, 8));
    assertThat(first.key()).isEqualTo(new Key(-2));
    assertThat(first.clefs().get(0).clef()).isEqualTo(Clef.BASS);
    assertThat(passage.printedTempo()).contains(new Tempo(BeatUnit.DOTTED_QUARTER, 52));
    assertThat(passage.directions().words())
        .containsExactly(new Directions.Words(Fraction.ZERO, "Calm", true));
    assertThat(told(passage)).startsWith("Bb3/1:4 D4/1:8 F3/1:4 A3/1:8");
    assertThat(passage.bars().get(1).edges().line()).isEqualTo(Bar.Line.FINAL);
  }

  @ParameterizedTest
  @CsvSource({
    "C,0",
    "G,1",
    "F#m,3",
    "Ddor,0",
    "D mix,1",
    "Ephr,0",
    "Flyd,0",
    "Bb,-2",
    "Cm,-3",
    "Gmin,-2",
    "E minor,1",
    "Abmaj,-4",
    "none,0",
    "A aeolian,0",
    "Cb,-7"
  })
  void keysAndModesGiveTheirSignature(String key, int fifths) {
    Passage passage = read("X:1\nM:4/4\nL:1/4\nK:" + key + "\nCDEF|");
    assertThat(passage.bars().get(0).key().fifths()).isEqualTo(fifths);
  }

  @ParameterizedTest
  @CsvSource({
    "treble,G,2,0",
    "alto,C,3,0",
    "tenor,C,4,0",
    "bass,F,4,0",
    "treble-8,G,2,-1",
    "bass3,F,3,0"
  })
  void clefsAreNamedBehindTheKey(String name, Clef.Sign sign, int line, int octaves) {
    Passage passage = read("X:1\nM:4/4\nL:1/4\nK:G clef=" + name + "\nCDEF|");
    assertThat(passage.bars().get(0).clefs().get(0).clef())
        .isEqualTo(new Clef(sign, line, octaves));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {"C;4/4;COMMON", "C|;2/2;CUT", "(2+3)/8;2+3/8;FIGURES", "3+2+2/8;3+2+2/8;FIGURES"})
  void metresAreReadWithTheirGroups(String written, String told, Metre.Sign sign) {
    Metre metre = read("X:1\nM:" + written + "\nL:1/8\nK:C\nC|D|").bars().get(0).metre();
    assertThat(metre).hasToString(told);
    assertThat(metre.sign()).isEqualTo(sign);
  }

  @Test
  void anAccidentalHoldsToTheBarLineAndIsPrintedWhereTheStaffNeedsIt() {
    Passage passage = read("^F F f =F | F4 |");
    assertThat(told(passage)).isEqualTo("F#4/1:4 F#4/1:4 F#5/1:4 F4/1:4 F4/1:1");
    assertThat(passage.events())
        .extracting(e -> ((Sounding) e).notes().get(0).accidental().map(a -> a.kind().alter()))
        .containsExactly(
            Optional.of(1), Optional.empty(), Optional.of(1), Optional.of(0), Optional.empty());
  }

  @Test
  void tiesJoinNotesAndCarryTheirAccidentalOverTheBarLine() {
    Passage passage = read("c2 ^f2-|f2 f2|");
    assertThat(told(passage)).isEqualTo("C5/1:2 F#5/1:2 F#5/1:2 F5/1:2");
    assertThat(head(passage, 1).tiedTo()).isTrue();
    assertThat(head(passage, 2).tiedFrom()).isTrue();
    assertThat(head(passage, 2).accidental()).isEmpty();
  }

  @Test
  void oneNoteOfAChordCanBeTied() {
    Passage passage = read("[C-E]2 [CF]2|");
    assertThat(sounding(passage, 0).notes()).extracting(Note::tiedTo).containsExactly(true, false);
    assertThat(sounding(passage, 1).notes())
        .extracting(Note::tiedFrom)
        .containsExactly(true, false);
  }

  @Test
  void aLengthWithoutANoteValueOfItsOwnIsTiedTogether() {
    Passage passage = read("X:1\nM:5/4\nL:1/4\nK:C\nC5|");
    assertThat(told(passage)).isEqualTo("C4/1:1 C4/1:4");
    assertThat(head(passage, 0).tiedTo()).isTrue();
    assertThat(head(passage, 1).tiedFrom()).isTrue();
  }

  @Test
  void slursMayLieInOneAnotherAndCrossBars() {
    Passage passage = read("(c (d e) f | g) a b c' |");
    assertThat(passage.slurs()).containsExactly(new Span(0, 4), new Span(1, 2));
  }

  @Test
  void repeatsAndEndingsStandAtTheirBars() {
    Passage passage = read("|: C4 |1 D4 :|2 E4 |] F4 ||");
    assertThat(passage.bars().get(0).edges().repeatStart()).isTrue();
    assertThat(passage.bars().get(1).edges().endingStart()).contains("1");
    assertThat(passage.bars().get(1).edges().endingStop()).isTrue();
    assertThat(passage.bars().get(1).edges().repeatTimes()).isEqualTo(2);
    assertThat(passage.bars().get(2).edges().endingStart()).contains("2");
    assertThat(passage.bars().get(2).edges().endingStop()).isTrue();
    assertThat(passage.bars().get(2).edges().line()).isEqualTo(Bar.Line.FINAL);
    assertThat(passage.bars().get(3).edges().line()).isEqualTo(Bar.Line.DOUBLE);
  }

  @Test
  void aDoubleRepeatSignEndsOneRepeatAndBeginsTheNext() {
    Passage passage = read("|: C4 :: D4 :|");
    assertThat(passage.bars().get(0).edges().repeatTimes()).isEqualTo(2);
    assertThat(passage.bars().get(1).edges().repeatStart()).isTrue();
    assertThat(passage.bars().get(1).edges().repeatTimes()).isEqualTo(2);
  }

  @Test
  void signsBeforeANoteBelongToIt() {
    Passage passage = read(".uC !accent!vD Te !3!!f!HF|");
    assertThat(sounding(passage, 0).marks().articulations())
        .containsExactly(Marks.Articulation.STACCATO);
    assertThat(sounding(passage, 0).marks().bow()).contains(BowDirection.UP);
    assertThat(sounding(passage, 1).marks().bow()).contains(BowDirection.DOWN);
    assertThat(sounding(passage, 1).marks().articulations())
        .containsExactly(Marks.Articulation.ACCENT);
    assertThat(sounding(passage, 2).marks().ornaments()).containsExactly(Marks.Ornament.TRILL);
    assertThat(head(passage, 3).finger()).contains(Finger.THIRD);
    assertThat(sounding(passage, 3).marks().fermata()).isTrue();
    assertThat(passage.directions().dynamics())
        .containsExactly(new Directions.Dynamic(Fraction.of(3, 4), "f"));
  }

  @Test
  void fingersInAChordStandAtTheirHeads() {
    Passage passage = read("[!1!C!3!E]4|");
    assertThat(sounding(passage, 0).notes())
        .extracting(Note::finger)
        .containsExactly(Optional.of(Finger.FIRST), Optional.of(Finger.THIRD));
  }

  @Test
  void wedgesReachFromTheirFirstNoteToTheEndOfTheirLast() {
    Passage passage = read("!<(!C D !<)!E F | !diminuendo(!G2 !diminuendo)!A2 |");
    assertThat(passage.directions().hairpins())
        .containsExactly(
            new Directions.Hairpin(Fraction.ZERO, Fraction.of(3, 4), true),
            new Directions.Hairpin(Fraction.of(1), Fraction.of(2), false));
  }

  @Test
  void graceNotesTakeNoTime() {
    Passage passage = read("{/a}g2 {cd}e2|");
    assertThat(passage.events())
        .extracting(e -> ((Sounding) e).grace())
        .containsExactly(
            Sounding.Grace.SLASHED,
            Sounding.Grace.NONE,
            Sounding.Grace.PLAIN,
            Sounding.Grace.PLAIN,
            Sounding.Grace.NONE);
    assertThat(passage.bars().get(0).length()).isEqualTo(Fraction.ONE);
  }

  @Test
  void fieldsAmongTheMusicChangeWhatFollows() {
    Passage passage =
        read("CDEF | [M:3/4][K:D] F3 | [L:1/8] F2 [K:clef=bass] F,,4 |\nM:2/4\nK:F\nB4|");
    assertThat(passage.bars())
        .extracting(Bar::metre)
        .containsExactly(Metre.of(4, 4), Metre.of(3, 4), Metre.of(3, 4), Metre.of(2, 4));
    assertThat(passage.bars()).extracting(b -> b.key().fifths()).containsExactly(0, 2, 2, -1);
    assertThat(passage.bars().get(2).clefs()).hasSize(2);
    assertThat(passage.bars().get(3).clefs().get(0).clef()).isEqualTo(Clef.BASS);
    assertThat(told(passage)).endsWith("F#4/3:4 F#4/1:4 F#2/1:2 Bb4/1:2");
  }

  @Test
  void aShortFirstBarIsAPickupAndLeftOutOfTheCount() {
    Passage passage = read("G | C4 | D4 |");
    assertThat(passage.bars().get(0).uncounted()).isTrue();
    assertThat(passage.bars()).extracting(Bar::label).containsExactly("0", "1", "2");
  }

  @Test
  void barsOfRestAreReadByNumber() {
    Passage passage = read("C4 | Z3 | z4 | D4 |");
    assertThat(passage.bars()).hasSize(6);
    assertThat(passage.events().subList(1, 5))
        .allMatch(e -> e instanceof Rest rest && rest.wholeBar());
  }

  @Test
  void wordsAreReadAndWhatCannotBeHeldIsListed() {
    AbcTune tune =
        AbcReader.read(
            HEAD + "\"^dolce\"C \"_sul D\"D \"Am\"E !segno!F|\nw:la la la la\nV:2\nGGGG|");
    assertThat(tune.problems()).isEmpty();
    assertThat(tune.passage().orElseThrow().directions().words())
        .containsExactly(
            new Directions.Words(Fraction.ZERO, "dolce", true),
            new Directions.Words(Fraction.of(1, 4), "sul D", false),
            new Directions.Words(Fraction.of(3, 4), Directions.Words.SEGNO, true));
    assertThat(tune.left())
        .anyMatch(l -> l.contains("chord symbols"))
        .anyMatch(l -> l.contains("words to sing"));
    assertThat(tune.passage().orElseThrow().bars()).hasSize(2);
  }

  @Test
  void wordsThatSayNothingAreNoWords() {
    AbcTune tune = AbcReader.read(HEAD + "\"_\"C4 \"^ \"D4|");
    assertThat(tune.passage().orElseThrow().directions().words()).isEmpty();
  }

  @Test
  void aHeadDoubledOnOnePitchIsListedUnlessAFingerTellsItApart() {
    AbcTune tune = AbcReader.read(HEAD + "[CC]4 [D!4!D]4|");
    List<Event> events = tune.passage().orElseThrow().events();
    assertThat(((Sounding) events.get(0)).notes()).hasSize(1);
    assertThat(((Sounding) events.get(1)).notes()).hasSize(2);
    assertThat(tune.left()).anyMatch(l -> l.contains("doubled on one pitch"));
  }

  @Test
  void ofSeveralVoicesTheFirstIsReadAndTheOthersAreListed() {
    AbcTune tune = AbcReader.read(HEAD + "V:1\nC4|\nV:2\nE4|\nV:1\nD4|");
    assertThat(told(tune.passage().orElseThrow())).isEqualTo("C4/1:1 D4/1:1");
    assertThat(tune.left()).containsExactly("voice 2; the first is read");
  }

  @Test
  void aLineOfLettersIsEnough() {
    AbcTune tune = AbcReader.read("C2D2 E2F2 | G8");
    assertThat(tune.problems()).isEmpty();
    assertThat(told(tune.passage().orElseThrow())).isEqualTo("C4/1:4 D4/1:4 E4/1:4 F4/1:4 G4/1:1");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "C D ? F |;?;is no sign of ABC",
        "C D [EG F |;[EG F ;the chord is not closed",
        "C D E F G|;C D E F G;is a quarter too long for 4/4",
        "(C D E F|;F;a slur is not closed",
        "C D) E F|;D;a slur ends where none began",
        "C D-E F|;D;the tie leads to no note of the same pitch",
        "-C D E F|;-;a tie behind no note",
        "C D E2/3 F4/3|;E2/3;is no note value",
        "CDEF & GGGG|;& GGGG;two voices in one bar",
        "(1C D E F|;(1;no such tuplet",
        "C D {e F G|;{e F G|;the grace notes are not closed",
        "C !f D E F|;!;the sign is not closed",
        "C [M:3/4] D E F|;[M:3/4];a metre changes at a bar line",
        "CDEF|[K:Q]CDEF|;[K:Q];is no key",
        "CDEF|[M:4/5]CDEF|;[M:4/5];is no metre",
        "CDEF|[Q:fast]CDEF|;[Q:fast];is no tempo",
        "C0 D E F|;0;a length of nothing",
      })
  void aFaultHasItsPlaceAndWhatWouldMendIt(String music, String place, String words) {
    String text = HEAD + music;
    List<AbcProblem> problems = AbcReader.read(text).problems();
    assertThat(problems).isNotEmpty();
    AbcProblem first =
        problems.stream().filter(p -> p.text().contains(words)).findFirst().orElseThrow();
    assertThat(text.substring(first.from(), first.to()).strip()).isEqualTo(place.strip());
    assertThat(first.line()).isEqualTo(6);
    assertThat(first.text()).containsAnyOf("write", "take", "set", "mend", "move", "begin");
  }

  @Test
  void aBarWithTooLittleMayStandButIsSaid() {
    List<AbcProblem> problems = AbcReader.read(HEAD + "C4|D|E4|").problems();
    assertThat(problems).hasSize(1);
    assertThat(problems.get(0).serious()).isFalse();
    assertThat(problems.get(0).bar()).isEqualTo(2);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "C D ? F2 |;C D  F2 |",
        "C D [EG2 |;C D [EG]2 |",
        "C D E F G A B c|;C D E F | G A B c|",
        "C D E F | G A | c4 |;C D E F | G A z2 | c4 |",
        "(C D E F|;(C D E F)|",
        "C D) E F|;C D E F|",
        "-C D E F|;C D E F|",
        "C D {e F G2|;C D {e F G2|}",
        "C !f D2|;C f D2|",
        "C0 D E F|;C D E F|",
        "C D : E F|;C D :| E F|",
      })
  void theFirstMendOfAProblemLeavesOneLess(String music, String mended) {
    String text = HEAD + music;
    List<AbcProblem> problems = AbcReader.read(text).problems();
    AbcProblem first =
        problems.stream().filter(p -> !p.mends().isEmpty()).findFirst().orElseThrow();
    String after = first.mends().get(0).applied(text);
    assertThat(after).isEqualTo(HEAD + mended);
    assertThat(AbcReader.read(after).problems())
        .extracting(AbcProblem::text)
        .doesNotContain(first.text());
  }

  @Test
  void whatSteersATerminalIsNotRepeatedInAFault() {
    AbcTune tune = AbcReader.read(HEAD + "C \u001b[31m D | E");
    assertThat(tune.problems()).isNotEmpty();
    assertThat(tune.problems())
        .allMatch(p -> p.text().codePoints().noneMatch(Character::isISOControl));
  }

  @Test
  void aBarThatIsTooLongOrTooShortMayStandAndIsNamed() {
    AbcTune tune = AbcReader.read(HEAD + "C D E F G | C D E | C D E F | C D E F |");
    assertThat(tune.problems()).hasSize(2).allMatch(AbcProblem::isLength);
    assertThat(tune.problems()).extracting(AbcProblem::serious).containsExactly(false, false);
  }

  @Test
  void everyBarHasItsPlaceInTheTextWithoutItsLines() {
    String text = HEAD + "C D E F | [M:3/4] G A B | % a remark\n|: c d e :|";
    AbcTune tune = AbcReader.read(text);
    assertThat(tune.bars())
        .extracting(b -> text.substring(b.from(), b.to()))
        .containsExactly("C D E F", "[M:3/4] G A B", "c d e");
  }

  @Test
  void graceNotesAloneInABarLeadOnOverTheLine() {
    AbcTune tune = AbcReader.read("X:1\nM:2/4\nL:1/4\nK:C\nG A | {ef} | g z |]\n");
    Passage passage = tune.passage().orElseThrow();
    assertThat(passage.bars()).extracting(Bar::length).containsOnly(Fraction.of(1, 2));
    assertThat(passage.bars()).hasSize(2);
    assertThat(passage.events()).extracting(Event::bar).containsExactly(0, 0, 1, 1, 1, 1);
  }

  @Test
  void graceNotesThatLeadToNoNoteAreNamed() {
    AbcTune tune = AbcReader.read("X:1\nM:2/4\nL:1/4\nK:C\nG A | {ef}\n");
    assertThat(tune.problems())
        .extracting(AbcProblem::text)
        .anyMatch(p -> p.contains("the grace notes lead to no note"));
  }

  @Test
  void signsThatSteerATerminalDoNotGetIntoWordsOverTheStaff() {
    AbcTune tune =
        AbcReader.read("X:1\nM:2/4\nL:1/4\nQ:\"Len\u007fto\"\nK:C\n\"^dol\u007fce\"G A |]\n");
    assertThat(tune.passage().orElseThrow().directions().words())
        .extracting(Directions.Words::text)
        .containsExactly("Lento", "dolce");
  }

  /** The clef alone says where such a part sounds, as it does in MusicXML. */
  @Test
  void anEightUnderTheBassClefIsBelievedInAbcToo() {
    AbcTune tune = AbcReader.read("X:1\nM:2/4\nL:1/4\nK:C clef=bass-8\nG,, A,, |]\n");
    assertThat(EightBelow.isOpen(tune.passage().orElseThrow())).isTrue();
  }

  @Test
  void whereARepeatEndsItsLineIsTheOnlyOne() {
    AbcTune tune = AbcReader.read("X:1\nM:2/4\nL:1/4\nK:C\n|: G A :| |]\n");
    Bar.Edges edges = tune.passage().orElseThrow().bars().get(0).edges();
    assertThat(edges.repeatTimes()).isEqualTo(2);
    assertThat(edges.line()).isEqualTo(Bar.Line.PLAIN);
  }
}
