package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.Contact;
import app.fret.bow.stroke.Recipe;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.reading.traps.Trap;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import app.fret.time.TempoChoices;
import app.fret.time.TempoProposal;
import app.fret.time.TempoWords;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What words do to the bow, the hand and the tempo (common practice, no source). */
class ObeyedWordsTest {
  private static final String RUN =
      "C5/8 D5/8 E5/8 F5/8 G5/8 F5/8 E5/8 D5/8 | E5/8 F5/8 G5/8 A5/8 G5/8 F5/8 E5/8 D5/8";

  /** A passage with words, each at the start of a bar. */
  private static Passage with(String music, String... words) {
    List<Directions.Words> all = new ArrayList<>();
    for (int i = 0; i < words.length; i++) {
      if (!words[i].isEmpty()) {
        all.add(new Directions.Words(Fraction.of(i, 1), words[i], false));
      }
    }
    Passage passage = Music.passage(music);
    Directions own = passage.directions();
    return passage.withDirections(
        new Directions(own.dynamics(), List.of(), all, List.of(), List.of(), List.of()));
  }

  private static Study study(Passage passage, double perMinute) throws Exception {
    return Study.of(
        passage,
        Player.of("Oda Merrin", Instruments.named("violin")),
        Choices.at(new Tempo(BeatUnit.QUARTER, perMinute)));
  }

  private static Stroke stroke(Study study, int note) {
    return study.bow().strokes().get(study.bow().strokeOf(note));
  }

  @ParameterizedTest
  @CsvSource({
    "spiccato, SPICCATO",
    "spicc., SPICCATO",
    "leggiero e spiccato, SPICCATO",
    "springend, SPICCATO",
    "sempre stacc., SPICCATO",
    "martelé, MARTELE",
    "marcatissimo, MARTELE",
    "non legato, DETACHE",
    "nicht gebunden, DETACHE",
    "molto legato, LEGATO",
    "dolce, DETACHE",
  })
  void aWordSetsTheKindOfStrokeOfUnmarkedNotes(String word, StrokeKind kind) throws Exception {
    Study study = study(with(RUN, word), 104);
    assertThat(stroke(study, 2).kind()).isEqualTo(kind);
    assertThat(stroke(study, 10).kind()).as("until another word comes").isEqualTo(kind);
  }

  @Test
  void anotherWordAndTheOrdinaryWayEndWhatWasAsked() throws Exception {
    Study study = study(with(RUN + " | " + RUN, "spiccato", "legato", "ord."), 104);
    assertThat(stroke(study, 2).kind()).isEqualTo(StrokeKind.SPICCATO);
    assertThat(stroke(study, 10).kind()).isEqualTo(StrokeKind.LEGATO);
    assertThat(stroke(study, 18).kind()).isEqualTo(StrokeKind.DETACHE);
  }

  /** A word is said to have done what it did, and no more. */
  @ParameterizedTest
  @CsvSource({
    "spiccato, C5/8 D5/8 E5/8 F5/8 G5/2, 'off the string, 5 notes'",
    "spiccato, (C5/8 D5/8 E5/8 F5/8) G5/2, 'off the string, one note'",
    "legato, C5'/8 D5'/8 E5'/8 F5'/8, 'changes of bow unheard, which no note is: the signs over them hold'",
    "au talon, C5/8 D5/8 E5/8 F5/8 G5/2, at the frog",
  })
  void aWordIsListedWithWhatItDid(String word, String music, String did) throws Exception {
    assertThat(WordsDone.of(study(with(music, word), 104), Fraction.ZERO, word))
        .containsExactly(did);
  }

  @ParameterizedTest
  @CsvSource({"Flute", "Kurz", "liegen bleiben", "tenor"})
  void wordsOfOtherThingsAskForNothing(String word) throws Exception {
    Study study = study(with(RUN, word), 104);
    assertThat(WordsDone.of(study, Fraction.ZERO, word)).isEmpty();
  }

  @Test
  void signsOverTheNotesHoldAgainstAWord() throws Exception {
    Study study = study(with("C5'/8 D5'/8 E5'/8 F5'/8 G5/2", "legato"), 104);
    assertThat(stroke(study, 1).kind()).isEqualTo(StrokeKind.SPICCATO);
  }

  @Test
  void frogAndTipAreWhereTheyAreAskedFor() throws Exception {
    double usual = middle(study(Music.passage(RUN), 104));
    double frog = middle(study(with(RUN, "au talon"), 104));
    double tip = middle(study(with(RUN, "punta d'arco"), 104));
    assertThat(frog).isLessThan(0.3).isLessThan(usual);
    assertThat(tip).isGreaterThan(0.7).isGreaterThan(usual);
  }

  private static double middle(Study study) {
    return study.bow().strokes().stream()
        .mapToDouble(s -> (s.start() + s.end()) / 2)
        .average()
        .orElseThrow();
  }

  /** Light, fast and long near the fingerboard, also in pianissimo. */
  @Test
  void flautandoTakesMoreBowEvenInPianissimo() throws Exception {
    String soft = "=pp C5/2 D5/2 | E5/2 F5/2";
    Study usual = study(Music.passage(soft), 72);
    Study flute = study(with(soft, "flautando"), 72);
    assertThat(stroke(flute, 1).manner().recipe()).isEqualTo(Recipe.LIGHT_AND_FAST);
    assertThat(stroke(flute, 1).manner().from()).isEqualTo(Contact.FINGERBOARD);
    assertThat(stroke(flute, 1).amountCm()).isGreaterThan(1.5 * stroke(usual, 1).amountCm());
  }

  /** Without the word the hand goes back for the low notes; with it, it crosses the strings. */
  @Test
  void restezKeepsTheHandInItsPosition() throws Exception {
    String music = "G5/4 B5/4 D6/4 E6/4 | C6/4 A5/4 F5/4 C5/4 | B4/4 G4/4 D4/4 A3/4";
    Study free = study(Music.passage(music), 72);
    Study stays = study(with(music, "", "restez", "ord."), 72);
    assertThat(hand(free, 7)).isLessThan(hand(free, 4));
    assertThat(hand(stays, 7)).isEqualTo(hand(stays, 4));
    assertThat(stays.traps()).extracting(Trap::kind).contains(Trap.Kind.RESTEZ);
    assertThat(free.traps()).extracting(Trap::kind).doesNotContain(Trap.Kind.RESTEZ);
  }

  private static double hand(Study study, int note) {
    return study.leftHand().notes().get(note).placement().hand();
  }

  @ParameterizedTest
  @CsvSource({
    "legato, C5'/8 D5'/8 E5'/8 F5'/8 G5/2, true",
    "spiccato, (C5/8 D5/8 E5/8 F5/8) G5/2, true",
    "non legato, (C5/8 D5/8 E5/8 F5/8) G5/2, true",
    "legato, (C5/8 D5/8 E5/8 F5/8) G5/2, false",
    "spiccato, C5'/8 D5'/8 E5'/8 F5'/8 G5/2, false",
    "non legato, C5/8 D5/8 E5/8 F5/8 G5/2, false",
  })
  void aWordAgainstTheSignsIsATrap(String word, String music, boolean isTrap) throws Exception {
    List<Trap> traps =
        study(with(music, word), 96).traps().stream()
            .filter(t -> t.kind() == Trap.Kind.WORD_AGAINST_MARK)
            .toList();
    assertThat(traps).hasSize(isTrap ? 1 : 0);
  }

  @ParameterizedTest
  @CsvSource({
    "poco meno, 92",
    "Poco meno mosso, 92",
    "meno mosso, 85",
    "etwas langsamer, 92",
    "frischer, 108",
    "più animato, 115",
    "un peu plus vite, 108",
  })
  void aWordForTheTempoProposesARegion(String word, long perMinute) throws Exception {
    Study study = study(with(RUN, "", word), 100);
    List<TempoProposal> proposals = TempoWords.of(study.brief().reading(), study.choices().tempo());
    assertThat(proposals).singleElement();
    assertThat(proposals.get(0).place().perMinute()).isEqualTo(perMinute);
    assertThat(proposals.get(0).place().from()).isEqualTo(study.places().top(8));
    assertThat(proposals.get(0).place().to()).isEqualTo(study.places().top(15));
  }

  /** "Noch mehr" goes on in the direction taken; the main tempo ends it. */
  @Test
  void stillMoreGoesOnAndTheMainTempoEndsIt() throws Exception {
    Passage passage = with(RUN + " | " + RUN, "", "poco meno", "noch mehr", "Hauptzeitmass");
    Study study = study(passage, 100);
    List<TempoProposal> proposals = TempoWords.of(study.brief().reading(), study.choices().tempo());
    assertThat(proposals).extracting(p -> p.place().perMinute()).containsExactly(92.0, 87.0);
    assertThat(proposals.get(1).place().to()).isEqualTo(study.places().top(23));
    TempoChoices taken = study.choices().tempo().withPlace(proposals.get(0).place());
    assertThat(TempoWords.of(study.brief().reading(), taken)).hasSize(1);
  }
}
