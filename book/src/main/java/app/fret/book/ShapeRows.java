package app.fret.book;

import app.fret.score.NoteRef;
import app.fret.shape.Character;
import app.fret.shape.Proposal;
import app.fret.shape.ShapeChoices;
import app.fret.shape.Style;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Decisions for the shape as rows of text: {@code style}, {@code must-vibrate-from}, each proposal
 * that is not as usual, and under the first note of a phrase its peak and its character.
 */
final class ShapeRows {
  /** The area of these rows. */
  static final String AREA = "shape";

  private static final String STYLE = "style";
  private static final String MUST_FROM = "must-vibrate-from";
  private static final String PROPOSE = "propose ";
  private static final String PEAK = "peak ";
  private static final String CHARACTER = "character ";
  private static final String NO_PEAK = "none";

  private ShapeRows() {}

  /** The rows of all that is not as it is without a decision. */
  static Map<String, String> of(ShapeChoices shape) {
    Map<String, String> rows = new LinkedHashMap<>();
    ShapeChoices usual = ShapeChoices.none();
    if (shape.style() != usual.style()) {
      rows.put(STYLE, shape.style().id());
    }
    if (!shape.mustFrom().equals(usual.mustFrom())) {
      Fraction from = shape.mustFrom();
      rows.put(MUST_FROM, from.getNumerator() + "/" + from.getDenominator());
    }
    for (Proposal proposal : Proposal.values()) {
      if (shape.has(proposal) != usual.has(proposal)) {
        rows.put(PROPOSE + proposal.id(), shape.has(proposal) ? "yes" : "no");
      }
    }
    shape
        .peaks()
        .forEach((at, peak) -> rows.put(PEAK + at, peak.map(NoteRef::toString).orElse(NO_PEAK)));
    shape.characters().forEach((at, character) -> rows.put(CHARACTER + at, character.words()));
    return rows;
  }

  /**
   * Takes a row into what is decided.
   *
   * @throws IllegalArgumentException when the row makes no sense
   */
  static ShapeChoices with(ShapeChoices shape, String item, String value) {
    if (item.equals(STYLE)) {
      return shape.withStyle(Style.named(value));
    }
    if (item.equals(MUST_FROM)) {
      return shape.withMustFrom(fraction(value));
    }
    if (item.startsWith(PROPOSE)) {
      Proposal proposal = Proposal.named(item.substring(PROPOSE.length()));
      return shape.with(proposal, value.equals("yes"));
    }
    if (item.startsWith(PEAK)) {
      NoteRef phrase = NoteRef.parse(item.substring(PEAK.length()));
      Optional<NoteRef> peak =
          value.equals(NO_PEAK) ? Optional.empty() : Optional.of(NoteRef.parse(value));
      return shape.withPeak(phrase, peak);
    }
    if (item.startsWith(CHARACTER)) {
      NoteRef phrase = NoteRef.parse(item.substring(CHARACTER.length()));
      return shape.withCharacter(phrase, Optional.of(Character.named(value)));
    }
    throw new IllegalArgumentException("'" + item + "' is no decision of the shape");
  }

  private static Fraction fraction(String text) {
    String[] parts = text.split("/");
    if (parts.length != 2) {
      throw new IllegalArgumentException("'" + text + "' is no length");
    }
    return Fraction.of(Integer.parseInt(parts[0]), Integer.parseInt(parts[1]));
  }
}
