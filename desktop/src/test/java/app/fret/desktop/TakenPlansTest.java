package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.Book;
import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.passage.Candidate;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.ProgrammeEntry;
import app.fret.desktop.model.work.Workers;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.hand.Stop;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * Every plan that is offered for comparing can be taken: on four instruments, in all hand shapes.
 */
class TakenPlansTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-20T16:00:00Z"), ZoneOffset.UTC);

  /** Numbers of the notes that two plans take otherwise. */
  private static List<Integer> differing(LeftHandPlan one, LeftHandPlan other) {
    List<Integer> differing = new ArrayList<>();
    for (int note = 0; note < one.notes().size(); note++) {
      List<Stop> stops = one.notes().get(note).placement().stops();
      if (!stops.equals(other.notes().get(note).placement().stops())) {
        differing.add(note);
      }
    }
    return differing;
  }

  @Test
  void everyPlanOfEveryDemoPassageCanBeTaken() throws Exception {
    try (Book book = DemoBook.open(CLOCK)) {
      Desk desk = new Desk(book, CLOCK, Workers.inline());
      TreeSet<String> instruments = new TreeSet<>();
      int taken = 0;
      for (ProgrammeEntry entry : List.copyOf(desk.programme())) {
        desk.open(entry);
        PassageDesk passage = desk.openProperty().get().orElseThrow();
        instruments.add(passage.instrument().name());
        List<Candidate> candidates = new ArrayList<>();
        passage.leftHand().compare(candidates::addAll);
        for (Candidate candidate : candidates.subList(1, candidates.size())) {
          Candidate plain = new Candidate(candidate.name(), Optional.empty(), candidate.plan());
          passage.leftHand().take(plain, Optional.empty());
          assertThat(differing(passage.study().leftHand(), candidate.plan()))
              .as(
                  "%s, %s: %s",
                  entry.passage().title(), candidate.name(), passage.messageProperty().get())
              .isEmpty();
          passage.perform(Command.UNDO);
          taken++;
        }
      }
      assertThat(instruments).containsExactly("bass", "cello", "viola", "violin");
      assertThat(taken).isGreaterThan(60);
    }
  }
}
