package app.fret.vibrato;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.shape.Character;
import app.fret.shape.ShapeChoices;
import app.fret.shape.Style;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import app.fret.vibrato.Vibrato.Need;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** Which notes vibrate (common practice; order of size of widths and rates from memory). */
class VibratoPlannerTest {
  private static Study study(String instrument, String music, ShapeChoices shape) throws Exception {
    Player player = Player.of("", Instruments.named(instrument));
    Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 60)).with(shape);
    return Study.of(Music.passage(music), player, choices);
  }

  private static List<Vibrato> notes(String music) throws Exception {
    return study("violin", music, ShapeChoices.none()).vibrato().notes();
  }

  @Test
  void longNotesMustVibrateShorterMayAndQuickNotesDoNot() throws Exception {
    List<Vibrato> notes = notes("B4/4. C5/8 B4/16 C5/16 D5/16 C5/16 B4/4");
    assertThat(notes).extracting(Vibrato::need).containsSubsequence(Need.MUST, Need.MAY, Need.NONE);
    assertThat(notes.get(0).need()).isEqualTo(Need.MUST);
    assertThat(notes.get(3).need()).isEqualTo(Need.NONE);
  }

  @Test
  void widthAndRateAreOfTheOrderThatIsReported() throws Exception {
    Vibrato note = notes("B4/2 C5/2").get(0);
    assertThat(note.widthCents()).isBetween(20.0, 50.0);
    assertThat(note.rateHz()).isBetween(5.0, 6.5);
    Vibrato bass = study("bass", "A2/2 B2/2", ShapeChoices.none()).vibrato().notes().get(0);
    assertThat(bass.rateHz()).isLessThan(note.rateHz());
  }

  @Test
  void aLongNoteBeforeARestTailsIntoIt() throws Exception {
    assertThat(notes("B4/2 r/2 | C5/1").get(0).tail()).isTrue();
    assertThat(notes("B4/2 C5/2 | C5/1").get(0).tail()).isFalse();
  }

  @Test
  void asAnOrnamentItIsKeptForLongNotes() throws Exception {
    ShapeChoices classical = ShapeChoices.none().withStyle(Style.CLASSICAL);
    List<Vibrato> notes = study("violin", "B4/4. C5/8 B4/2", classical).vibrato().notes();
    assertThat(notes).extracting(Vibrato::need).containsExactly(Need.NONE, Need.NONE, Need.MUST);
  }

  @Test
  void fromWhichLengthIsThePlayersChoice() throws Exception {
    ShapeChoices fromHalf = ShapeChoices.none().withMustFrom(Fraction.of(1, 2));
    assertThat(study("violin", "B4/4. C5/8 B4/2", fromHalf).vibrato().notes())
        .extracting(Vibrato::need)
        .containsExactly(Need.MAY, Need.MAY, Need.MUST);
  }

  /** The lowest note of the violin has no finger. */
  @Test
  void aLongOpenStringIsAConflictThatSaysWhatAMendCosts() throws Exception {
    VibratoPlan lowest = study("violin", "G3/1 | A3/1", ShapeChoices.none()).vibrato();
    assertThat(lowest.conflicts()).hasSize(1);
    assertThat(lowest.conflicts().get(0).mends()).isEmpty();
    assertThat(lowest.conflicts().get(0).text()).contains("let the bow swell");
    assertThat(lowest.notes().get(0).need()).isEqualTo(Need.NONE);
  }

  @Test
  void aLongOpenStringNamesAStoppedWay() throws Exception {
    Study study = study("violin", "G4/16 A4/16 B4/16 A4/16 A4/2. | B4/1", ShapeChoices.none());
    for (VibratoPlan.Conflict conflict : study.vibrato().conflicts()) {
      assertThat(conflict.mends()).isNotEmpty();
      assertThat(conflict.text()).contains("costs the left hand");
    }
    assertThat(study.vibrato().notes().get(5).need()).isEqualTo(Need.MUST);
  }

  @Test
  void aWordOfCharacterWidensOrNarrows() throws Exception {
    Study plain = study("violin", "B4/2 C5/2 | D5/1", ShapeChoices.none());
    var first = plain.places().top(0);
    double usual = plain.vibrato().notes().get(0).widthCents();
    Study heroic =
        plain.with(
            plain
                .choices()
                .with(plain.choices().shape().withCharacter(first, Optional.of(Character.HEROIC))));
    assertThat(heroic.vibrato().notes().get(0).widthCents()).isGreaterThan(usual);
    Study light =
        plain.with(
            plain
                .choices()
                .with(plain.choices().shape().withCharacter(first, Optional.of(Character.LIGHT))));
    assertThat(light.vibrato().notes().get(0).widthCents()).isLessThan(usual);
  }
}
