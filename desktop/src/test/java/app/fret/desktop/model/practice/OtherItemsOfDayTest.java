package app.fret.desktop.model.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.book.OtherItem;
import app.fret.book.OtherItem.Heard;
import app.fret.desktop.model.OverDemo;
import app.fret.desktop.model.exchange.ImportOffer;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.practice.Scale;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.CardKind;
import app.fret.score.Step;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Studies, recordings and scales on the day of the demo's first player. */
class OtherItemsOfDayTest extends OverDemo {
  private static final LocalDate TODAY = LocalDate.now(CLOCK);

  OtherItemsOfDayTest() {
    super(0);
  }

  private PracticeDay day() {
    return passage().day().orElseThrow();
  }

  private DayView seen() {
    return day().seenProperty().get().orElseThrow();
  }

  private List<DayTask> tasks(CardKind kind) {
    return seen().tasks().stream().filter(t -> t.card().kind() == kind).toList();
  }

  @Test
  void aStudyHasItsTurnTodayAndItsCardIsTicked() {
    day().add(OtherItem.Kind.STUDY, "Study in thirds", 5);
    assertThat(tasks(CardKind.STUDY)).hasSize(1);
    DayTask study = tasks(CardKind.STUDY).get(0);
    assertThat(study.card().minutes()).isEqualTo(5);
    assertThat(seen().other(study.card())).contains(seen().others().get(0));
    PassageDesk before = passage();
    day().choose(study.number());
    assertThat(passage()).as("no passage is laid on the desk for it").isSameAs(before);
    int passes = passage().passes().entries().size();
    passage().perform(Command.CLEAN);
    assertThat(passage().passes().entries()).as("it has no passes").hasSize(passes);
    assertThat(passage().messageProperty().get()).contains("Enter ticks it off");
    day().tick(study.number(), true);
    assertThat(tasks(CardKind.STUDY).get(0).isDone()).isTrue();
    long id = seen().others().get(0).id();
    assertThat(book.turns(passage().opened().owner().id()).get(id)).containsExactly(TODAY);
    day().refresh();
    assertThat(tasks(CardKind.STUDY).get(0).isDone()).as("after planning anew").isTrue();
    day().tick(study.number(), false);
    assertThat(book.turns(passage().opened().owner().id())).isEmpty();
  }

  @Test
  void theNextOneInTheRoundComesUpTheNextDay() {
    day().add(OtherItem.Kind.STUDY, "Study in thirds", 5);
    day().add(OtherItem.Kind.LISTENING, "Two recordings", 5);
    assertThat(tasks(CardKind.STUDY)).hasSize(1);
    assertThat(tasks(CardKind.LISTENING)).as("a quarter of the time holds one").isEmpty();
    book.tickOtherItem(seen().others().get(0).id(), TODAY.minusDays(1), true);
    day().refresh();
    assertThat(tasks(CardKind.STUDY)).isEmpty();
    assertThat(tasks(CardKind.LISTENING)).hasSize(1);
  }

  @Test
  void whatIsHeardIsKeptAndShown() {
    day().add(OtherItem.Kind.LISTENING, "Two recordings", 5);
    OtherItem item = seen().others().get(0);
    Heard heard = new Heard(OptionalDouble.of(92), "slurs by the bar", "little", "to the top");
    day().keepHeard(item, heard);
    assertThat(seen().others().get(0).heard()).isEqualTo(heard);
    assertThat(book.otherItems(item.playerId()).rows().get(0).heard()).isEqualTo(heard);
  }

  @Test
  void whatIsTakenOffComesUpNoMore() {
    day().add(OtherItem.Kind.STUDY, "Study in thirds", 5);
    day().remove(seen().others().get(0));
    assertThat(seen().others()).isEmpty();
    assertThat(tasks(CardKind.STUDY)).isEmpty();
  }

  @Test
  void anEmptyTitleIsRefusedBeforeAnythingIsKept() {
    assertThatThrownBy(() -> day().add(OtherItem.Kind.STUDY, " ", 5))
        .hasMessage("Give it a title.");
    assertThat(seen().others()).isEmpty();
  }

  @Test
  void aScaleIsOfferedAsMusicForThePlayer() {
    ImportOffer offer =
        desk.imports()
            .offerScale(new Scale(Step.D, 0, Scale.Kind.MAJOR, 3), passage().opened().owner());
    assertThat(offer.fileName()).isEqualTo("D major, 3 octaves.musicxml");
    assertThat(offer.score().title()).isEqualTo("D major, 3 octaves");
    assertThat(offer.players().get(0)).isEqualTo(passage().opened().owner());
    assertThatThrownBy(
            () ->
                desk.imports()
                    .offerScale(
                        new Scale(Step.D, 0, Scale.Kind.MAJOR, 4), passage().opened().owner()))
        .hasMessage("the violin has 3 octaves of D, not 4");
  }
}
