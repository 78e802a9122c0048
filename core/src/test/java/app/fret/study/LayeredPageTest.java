package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.edit.Divided;
import app.fret.instrument.PlayerSetup;
import app.fret.reading.layers.LayerChoices;
import app.fret.reading.layers.LayerMark;
import app.fret.reading.layers.Origin;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

class LayeredPageTest {
  private static LayerMark finger(String sign) {
    return new LayerMark(
        Optional.of(Finger.ofSign(sign)), OptionalInt.empty(), Optional.empty(), Optional.empty());
  }

  /** A passage whose first two notes print the fingers 1 and 2. */
  private static Study study() throws Exception {
    Passage plain = Music.passage("B4/4 C5/4 D5/4 E5/4");
    List<Event> events = new ArrayList<>(plain.events());
    for (int i = 0; i < 2; i++) {
      Sounding sounding = (Sounding) events.get(i);
      Optional<Finger> sign = Optional.of(Finger.ofSign(String.valueOf(i + 1)));
      events.set(
          i,
          sounding.withNotes(
              List.of(sounding.notes().get(0).withFingering(sign, OptionalInt.empty()))));
    }
    Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 80));
    return Study.of(plain.withEvents(events), PlayerSetup.usual("violin").player("Oda"), choices);
  }

  private static Study with(Study study, LayerChoices layers) throws Exception {
    return study.with(study.choices().with(layers));
  }

  private static List<String> fingers(LayeredPage page) {
    return page.passage().events().stream()
        .map(e -> ((Sounding) e).notes().get(0).finger().map(Finger::sign).orElse("-"))
        .toList();
  }

  private static LayerChoices coach(Study study, String first, String second) {
    Map<NoteRef, LayerMark> marks =
        Map.of(study.places().top(0), finger(first), study.places().top(1), finger(second));
    return LayerChoices.none().with(Origin.COACH, marks);
  }

  @Test
  void whatLayersAgreeOnStandsOnceAndWhatDiffersStandsNamed() throws Exception {
    Study study = study();
    LayeredPage page = LayeredPage.of(with(study, coach(study, "1", "3")));
    assertThat(fingers(page)).containsExactly("1", "-", "-", "-");
    assertThat(page.beside()).containsOnlyKeys(1);
    assertThat(page.beside().get(1)).containsExactly("2 editor", "3 coach");
    assertThat(LayeredPage.differing(with(study, coach(study, "1", "3")))).containsExactly(1);
  }

  @Test
  void aLayerThatIsHiddenIsNotSeenAndDiffersFromNothing() throws Exception {
    Study study = study();
    LayerChoices layers = coach(study, "1", "3").withShown(Origin.EDITOR, false);
    LayeredPage page = LayeredPage.of(with(study, layers));
    assertThat(fingers(page)).containsExactly("1", "3", "-", "-");
    assertThat(page.beside()).isEmpty();
  }

  @Test
  void withoutAnyDecisionThePageIsAsItIsPrinted() throws Exception {
    Study study = study();
    assertThat(LayeredPage.of(study).passage()).isEqualTo(study.passage());
  }

  @Test
  void aMarkIsReadAsItIsWritten() {
    LayerMark mark = LayerMark.parse("finger=T string=2 bow=up dynamic=mf");
    assertThat(LayerMark.parse(mark.toString())).isEqualTo(mark);
    assertThatThrownBy(() -> LayerMark.parse("nonsense")).hasMessageContaining("no mark");
  }

  @Test
  void ofDividedNotesOnePlaysTheUpperOrTheLowerUpToTheWordThatEndsIt() {
    Passage stacked = Music.passage("C5+E5/4 D5+F5/4 | C5+E5/2");
    Passage passage =
        stacked.withDirections(
            new Directions(
                List.of(),
                List.of(),
                List.of(
                    new Directions.Words(Fraction.ZERO, "div.", true),
                    new Directions.Words(Fraction.of(1, 2), "unis.", true)),
                List.of(),
                List.of(),
                List.of()));
    assertThat(heads(Divided.take(passage, 0, true).passage()))
        .containsExactly("E5", "F5", "C5 E5");
    assertThat(heads(Divided.take(passage, 0, false).passage()))
        .containsExactly("C5", "D5", "C5 E5");
  }

  private static List<String> heads(Passage passage) {
    return passage.events().stream()
        .map(
            e ->
                ((Sounding) e)
                    .notes().stream()
                        .map(n -> n.written().toString())
                        .reduce((a, b) -> a + " " + b)
                        .orElseThrow())
        .toList();
  }
}
