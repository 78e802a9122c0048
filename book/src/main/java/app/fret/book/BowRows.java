package app.fret.book;

import app.fret.bow.stroke.Accents;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.leaning.OwnWeights;
import app.fret.score.NoteRef;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Decisions for the bow as rows of text: {@code school}, {@code figures}, own weights, and under
 * each note what is decided there, as {@code up; kind:spiccato}.
 */
final class BowRows {
  /** The area of these rows. */
  static final String AREA = "bow";

  private static final String SCHOOL = "school";
  private static final String FIGURES = "figures";
  private static final String OPPOSITE = "opposite";
  private static final String ACCENTS = "accents";
  private static final String BETWEEN = "; ";

  private BowRows() {}

  /** The rows of all that is not as it is without a decision. */
  static Map<String, String> of(BowChoices bow) {
    Map<String, String> rows = new LinkedHashMap<>();
    if (bow.school() != BowSchool.PRINTED) {
      rows.put(SCHOOL, bow.school().id());
    }
    if (bow.opposite()) {
      rows.put(FIGURES, OPPOSITE);
    }
    if (bow.accents() != Accents.BOTH) {
      rows.put(ACCENTS, bow.accents().id());
    }
    if (!bow.own().isNone()) {
      rows.put(DecisionRows.OWN_WEIGHTS, bow.own().toString());
    }
    Map<NoteRef, List<String>> strokes = new LinkedHashMap<>();
    for (StrokeAt stroke : bow.strokes()) {
      strokes
          .computeIfAbsent(stroke.at(), at -> new ArrayList<>())
          .add(stroke.decision().toString());
    }
    strokes.forEach((at, decisions) -> rows.put(at.toString(), String.join(BETWEEN, decisions)));
    return rows;
  }

  /**
   * Takes a row into what is decided.
   *
   * @throws IllegalArgumentException when the row makes no sense
   */
  static BowChoices with(BowChoices bow, String item, String value) {
    if (item.equals(SCHOOL)) {
      return bow.withSchool(BowSchool.named(value));
    }
    if (item.equals(FIGURES)) {
      return bow.withOpposite(value.equals(OPPOSITE));
    }
    if (item.equals(ACCENTS)) {
      return bow.with(Accents.named(value));
    }
    if (item.equals(DecisionRows.OWN_WEIGHTS)) {
      return bow.with(OwnWeights.parse(value));
    }
    NoteRef at = NoteRef.parse(item);
    BowChoices all = bow;
    for (String decision : value.split(BETWEEN)) {
      all = all.with(new StrokeAt(at, StrokeDecision.parse(decision)));
    }
    return all;
  }
}
