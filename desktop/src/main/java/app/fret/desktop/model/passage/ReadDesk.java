package app.fret.desktop.model.passage;

import app.fret.desktop.model.work.Words;
import app.fret.desktop.model.work.Workers;
import app.fret.edit.Divided;
import app.fret.edit.LongBars;
import app.fret.edit.Manuscript;
import app.fret.files.ScoreRejectedException;
import app.fret.reading.PlayedNote;
import app.fret.reading.layers.LayerChoices;
import app.fret.reading.layers.LayerMark;
import app.fret.reading.layers.Origin;
import app.fret.reading.traps.Trap;
import app.fret.reading.traps.TrapAt;
import app.fret.reading.traps.TypedRunning;
import app.fret.score.NoteRef;
import app.fret.score.Span;
import app.fret.study.Choices;
import app.fret.study.LayeredPage;
import app.fret.study.Study;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** What is seen on the page of the open passage: traps ticked off, marks of others, their pulse. */
public final class ReadDesk {
  private final PassageDesk desk;
  private final Workers workers;

  ReadDesk(PassageDesk desk, Workers workers) {
    this.desk = desk;
    this.workers = workers;
  }

  /** Ticks a trap of the page off, or takes the tick back. */
  public void setSeen(Trap trap, boolean seen) {
    Choices now = desk.wantedChoices();
    TrapAt at = TrapAt.of(trap, desk.study().places());
    desk.decide(
        now.with(now.reading().withSeen(at, seen)),
        seen ? "Seen: " + trap.text() : "To look at again: " + trap.text());
  }

  /** Ticks off what is to be seen at the selected note and goes on to the next that is not. */
  public void tickAndGoOn() {
    Study now = desk.study();
    int here = desk.selection().note().orElse(0);
    List<Trap> open = now.traps().stream().filter(t -> !now.hasSeen(t)).toList();
    Optional<Trap> first = open.stream().filter(t -> t.note() == here).findFirst();
    open.stream()
        .filter(t -> first.isEmpty() || !t.equals(first.get()))
        .filter(t -> t.note() >= here)
        .findFirst()
        .or(() -> open.stream().filter(t -> first.isEmpty() || !t.equals(first.get())).findFirst())
        .ifPresent(t -> desk.select(t.note()));
    first.ifPresent(t -> setSeen(t, true));
  }

  /** Shows, hides or takes in the marks of somebody. */
  public void setLayers(LayerChoices layers, String what) {
    desk.decide(desk.wantedChoices().with(layers), what);
  }

  /** What is wanted of whose marks are shown. */
  public LayerChoices layers() {
    return desk.wantedChoices().layers();
  }

  /** Keeps the pins there are as the marks of somebody, such as what a coach asked for. */
  public void keepPinsAs(Origin origin) {
    Map<NoteRef, LayerMark> own = LayeredPage.layers(desk.study()).get(Origin.SELF);
    if (own == null) {
      desk.say("Nothing is pinned that could be kept as the " + origin.words() + "'s.");
    } else {
      setLayers(layers().with(origin, own), "Kept the pins as the " + origin.words() + "'s");
    }
  }

  /** Takes the marks of a file of the same bars in as those of somebody. */
  public void takeMarksFrom(Path file, Origin origin) {
    Study now = desk.study();
    workers.plan(
        () -> {
          try {
            Map<NoteRef, LayerMark> marks = MarksOfFile.read(file, now);
            workers.show(
                () ->
                    setLayers(
                        layers().with(origin, marks),
                        "Took "
                            + Words.count(marks.size(), "mark", "marks")
                            + " of the "
                            + origin.words()));
          } catch (ScoreRejectedException e) {
            workers.show(() -> desk.say(e.getMessage()));
          }
        },
        desk::tell);
  }

  /** Says what the others run on in the selected bars; empty for nothing of one's own. */
  public void setRunning(Optional<Fraction> value) {
    Span bars = desk.selectedBars();
    Study now = desk.study();
    List<Integer> notes =
        now.notes().stream().filter(n -> bars.holds(n.bar())).map(PlayedNote::number).toList();
    if (notes.isEmpty()) {
      desk.say("There is no note in these bars to hold on to.");
      return;
    }
    NoteRef from = now.places().top(notes.get(0));
    NoteRef to = now.places().top(notes.get(notes.size() - 1));
    Choices wanted = desk.wantedChoices();
    TypedRunning typed = new TypedRunning(from, to, value.orElse(Fraction.of(1, 4)));
    desk.decide(
        wanted.with(
            value.isPresent()
                ? wanted.reading().withRunning(typed)
                : wanted.reading().withoutRunning(typed)),
        value.isPresent() ? "The others' pulse is set" : "The others' pulse is as in their parts");
  }

  /** Mends a bar that holds more than its metre. */
  public void mend(int bar, LongBars how) {
    desk.mend(how.mend(Manuscript.of(desk.study().passage()), bar));
  }

  /** Plays one of the notes that are divided among players, from a note on. */
  public void takeDivided(int note, boolean top) {
    Study now = desk.study();
    desk.mend(Divided.take(now.passage(), now.notes().get(note).events().first(), top));
  }
}
