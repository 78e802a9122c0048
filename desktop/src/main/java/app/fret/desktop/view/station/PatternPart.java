package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.WayButton;
import app.fret.lefthand.PinConflictException;
import app.fret.score.Span;
import app.fret.study.PatternOffer;
import app.fret.study.Study;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** Bowing patterns for the selected notes, each planned on the bow, or the way to them. */
final class PatternPart extends VBox {
  /** Fewer notes make no pattern. */
  private static final int FEWEST_NOTES = 4;

  private static final int MOST_OFFERS = 6;

  private final PassageDesk desk;

  PatternPart(PassageDesk desk) {
    super(5);
    this.desk = desk;
    setId("patterns");
  }

  /** The stretch for which patterns are offered; empty where too few notes are selected. */
  static Optional<Span> stretch(PassageDesk desk) {
    return desk.selection().range().filter(r -> r.last() - r.first() + 1 >= FEWEST_NOTES);
  }

  /** Works the patterns out; slow. */
  static List<PatternOffer> offers(Study study, Optional<Span> stretch) {
    try {
      return stretch.isPresent() ? PatternOffer.of(study, stretch.get()) : List.of();
    } catch (PinConflictException e) {
      throw new IllegalStateException("pins that were met are no longer", e);
    }
  }

  /** Shows the patterns, or how to have them. */
  void show(Optional<Span> stretch, List<PatternOffer> offers) {
    getChildren().clear();
    if (stretch.isEmpty()) {
      Button ask =
          Parts.button(
              "ask-patterns",
              "Patterns for this phrase (G)",
              "outline-action",
              desk.bow()::selectPhrase);
      ask.setFocusTraversable(false);
      getChildren().add(ask);
      return;
    }
    getChildren().add(WayButton.heading("Patterns for the selected notes"));
    offers.stream().limit(MOST_OFFERS).forEach(o -> getChildren().add(way(o, stretch.get())));
  }

  private WayButton way(PatternOffer offer, Span stretch) {
    String name = offer.pattern().words();
    String title = java.lang.Character.toUpperCase(name.charAt(0)) + name.substring(1);
    String strokes = Words.count(offer.strokes(), "bow", "bows");
    String troubles =
        offer.troubles() == 0 ? "" : ", " + Words.count(offer.troubles(), "trouble", "troubles");
    VBox words =
        new VBox(
            1,
            Parts.label(title + (offer.isInForce() ? ", as it is now" : "")),
            Parts.label(strokes + troubles, "small"));
    return new WayButton(
        "pattern-" + offer.pattern().id(),
        words,
        offer.extraEffort(),
        title + ": " + offer.pattern().sentence(),
        () -> desk.bow().take(offer, stretch));
  }
}
