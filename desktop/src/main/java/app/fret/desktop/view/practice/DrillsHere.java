package app.fret.desktop.view.practice;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.drill.DrillChoice;
import app.fret.practice.drill.ProposedDrill;
import app.fret.reading.PlayedNote;
import app.fret.score.Span;
import app.fret.study.ProgrammeItem;
import app.fret.study.Study;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * All drills that make sense for the selected notes, one click each; one note stands for its bar.
 */
final class DrillsHere extends VBox {
  private final PassageDesk desk;
  private Optional<Span> seen = Optional.empty();
  private Study of;

  DrillsHere(PassageDesk desk) {
    super(2);
    this.desk = desk;
    setId("drills-here");
    Parts.whileShown(this, desk.selection().noteProperty(), this::show);
    Parts.whileShown(this, desk.studyProperty(), this::show);
    show();
  }

  private Optional<Span> notes() {
    return desk.selection().range().map(r -> r.first() == r.last() ? barOf(r.first()) : r);
  }

  /** A bar with the note it leads to. */
  private Span barOf(int note) {
    List<PlayedNote> all = desk.study().notes();
    int bar = all.get(note).bar();
    int[] own = IntStream.range(0, all.size()).filter(i -> all.get(i).bar() == bar).toArray();
    return new Span(own[0], Math.min(all.size() - 1, own[own.length - 1] + 1));
  }

  private void show() {
    Optional<Span> now = notes();
    Study study = desk.study();
    if (now.isEmpty() || now.equals(seen) && study == of) {
      return;
    }
    seen = now;
    of = study;
    Span span = now.get();
    desk.layOut(
        this,
        () -> DrillChoice.of(study.drillSource(), span),
        drills -> {
          if (seen.equals(now) && of == study) {
            show(study, span, drills);
          }
        });
  }

  private void show(Study study, Span span, List<ProposedDrill> drills) {
    getChildren()
        .setAll(
            Parts.heading("Drills for these notes"),
            Parts.words(
                ProgrammeItem.place(study, span.first())
                    + " to "
                    + ProgrammeItem.place(study, span.last()),
                "small"));
    FlowPane kinds = new FlowPane(12, 0);
    getChildren().add(kinds);
    for (ProposedDrill drill : drills) {
      Button link =
          Parts.button(
              "drill-here-" + drill.kind().id(),
              drill.kind().words(),
              "link-action",
              () -> desk.practise().choose(drill));
      link.setFocusTraversable(false);
      kinds.getChildren().add(link);
    }
    if (drills.isEmpty()) {
      getChildren().add(Parts.words("Nothing fits these notes.", "small"));
    }
  }
}
