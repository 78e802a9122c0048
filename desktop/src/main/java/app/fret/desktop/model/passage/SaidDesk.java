package app.fret.desktop.model.passage;

import app.fret.book.LogEntry;
import app.fret.desktop.model.passage.PassLog.Counted;
import app.fret.practice.log.LogLine;
import app.fret.practice.log.LogLineException;
import app.fret.practice.log.SaidPass;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

/** What a player says of passes: what went wrong in one, by key, and several in a line of words. */
public final class SaidDesk {
  private final PassageDesk desk;
  private final PractiseDesk practise;
  private final ReadOnlyBooleanWrapper goesOn = new ReadOnlyBooleanWrapper(this, "goesOn");

  SaidDesk(PassageDesk desk, PractiseDesk practise) {
    this.desk = desk;
    this.practise = practise;
  }

  /**
   * Says what went wrong at the clicked note: in the miss logged last, or in one that is logged
   * now.
   */
  void missed(MissKind kind) {
    Optional<Counted> now = practise.countedNow(false, false);
    if (now.isEmpty()) {
      return;
    }
    Miss miss = new Miss(now.get().played().spot(), kind);
    if (goesOn.get()) {
      goesOn.set(false);
      desk.passes().addToMiss(miss, desk::tell);
    } else {
      desk.passes().addMiss(miss, practise.asTapped(now.get()), desk::tell);
    }
  }

  /** What is said next of a miss belongs to the pass logged last, or no more. */
  void switchGoesOn() {
    goesOn.set(!goesOn.get());
  }

  /** Whether what is said next of a miss belongs to the pass logged last. */
  public ReadOnlyBooleanProperty goesOnProperty() {
    return goesOn.getReadOnlyProperty();
  }

  /**
   * Logs passes that were put into words.
   *
   * @return whether all of it was understood; if not, nothing was logged and a sentence says why
   */
  public boolean logLine(String line) {
    Optional<Counted> usual = practise.countedNow(true, false);
    if (usual.isEmpty()) {
      return false;
    }
    if (usual.get().played().way().isPresent()) {
      desk.say("A trial goes by turns: log each pass of it with C or M.");
      return false;
    }
    try {
      List<Counted> all = new ArrayList<>();
      for (SaidPass said : LogLine.read(line, this::hasBar)) {
        all.addAll(Collections.nCopies(said.times(), said(said, usual.get())));
      }
      desk.passes().addAll(all, desk::tell);
      return true;
    } catch (LogLineException e) {
      desk.say(e.getMessage());
      return false;
    }
  }

  private boolean hasBar(String label) {
    return desk.study().passage().bars().stream().anyMatch(b -> b.label().equals(label));
  }

  private Counted said(SaidPass said, Counted usual) {
    boolean hurts = said.result() == SaidPass.Result.HURT;
    boolean clean = said.result() == SaidPass.Result.CLEAN;
    Optional<String> place = said.misses().stream().flatMap(m -> m.spot().stream()).findFirst();
    LogEntry.Played now = usual.played();
    LogEntry.Played played =
        new LogEntry.Played(
            now.card(),
            false,
            place.or(now::spot),
            now.spotLeftOut(),
            hurts,
            now.repeats(),
            Optional.empty(),
            now.way(),
            hurts ? List.of() : said.misses());
    Tempo tempo =
        said.perMinute().isPresent()
            ? desk.study().choices().target().at(said.perMinute().getAsDouble())
            : usual.tempo();
    return new Counted(clean, tempo, played, usual.seconds());
  }
}
