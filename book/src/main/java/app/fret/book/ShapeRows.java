package app.fret.book;

import app.fret.score.NoteRef;
import app.fret.shape.Character;
import app.fret.shape.OwnLevel;
import app.fret.shape.OwnMarks;
import app.fret.shape.Proposal;
import app.fret.shape.ShapeChoices;
import app.fret.shape.Style;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Decisions for the shape as rows of text: {@code style}, {@code must-vibrate-from}, each proposal
 * that is not as usual, under the first note of a phrase its peak and its character, under a note
 * whether a phrase begins with it and whether it is brought out, and each level by its stretch.
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
  private static final String BORDER = "border ";
  private static final String LEVEL = "level ";
  private static final String BRING_OUT = "bring out ";
  private static final String TO = " to ";
  private static final String YES = "yes";

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
    addOwn(shape.own(), rows);
    return rows;
  }

  /** The order of levels counts, since the later one holds: each row begins with its number. */
  private static void addOwn(OwnMarks own, Map<String, String> rows) {
    own.borders().forEach((at, begins) -> rows.put(BORDER + at, begins ? YES : "no"));
    own.broughtOut().forEach(at -> rows.put(BRING_OUT + at, YES));
    for (int i = 0; i < own.levels().size(); i++) {
      OwnLevel level = own.levels().get(i);
      rows.put(
          String.format(Locale.ROOT, "%s%04d %s%s%s", LEVEL, i, level.first(), TO, level.last()),
          level.from() + TO + level.to());
    }
  }

  private static OwnMarks withOwn(OwnMarks own, String item, String value) {
    if (item.startsWith(BORDER)) {
      return own.withBorder(NoteRef.parse(item.substring(BORDER.length())), value.equals(YES));
    }
    if (item.startsWith(BRING_OUT)) {
      return own.withBroughtOut(NoteRef.parse(item.substring(BRING_OUT.length())), true);
    }
    String[] ends = item.substring(item.indexOf(' ', LEVEL.length()) + 1).split(TO);
    String[] levels = value.split(TO);
    if (ends.length != 2 || levels.length != 2) {
      throw new IllegalArgumentException("'" + item + "' is no level over a stretch");
    }
    return own.with(
        new OwnLevel(
            NoteRef.parse(ends[0]),
            NoteRef.parse(ends[1]),
            Double.parseDouble(levels[0]),
            Double.parseDouble(levels[1])));
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
    if (item.startsWith(BORDER) || item.startsWith(BRING_OUT) || item.startsWith(LEVEL)) {
      return shape.with(withOwn(shape.own(), item, value));
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
