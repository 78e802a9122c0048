package app.fret.shape;

import app.fret.reading.NoteMoves;
import app.fret.score.NoteRef;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What the player has decided of the shape.
 *
 * @param style school of levels and vibrato
 * @param proposals what is proposed between the marks
 * @param mustFrom written length from which a note must vibrate, as a fraction of a whole note
 * @param peaks peaks that were moved, by the first note of their phrase; empty for a phrase that is
 *     to have none
 * @param characters words of character, by the first note of their phrase
 * @param own phrases, levels and notes to bring out, as the player writes them into the part
 */
public record ShapeChoices(
    Style style,
    Set<Proposal> proposals,
    Fraction mustFrom,
    Map<NoteRef, Optional<NoteRef>> peaks,
    Map<NoteRef, Character> characters,
    OwnMarks own) {
  private static final Fraction DOTTED_QUARTER = Fraction.of(3, 8);

  public ShapeChoices {
    proposals = Set.copyOf(proposals);
    peaks = Map.copyOf(peaks);
    characters = Map.copyOf(characters);
  }

  /** Nothing decided: continuous vibrato, the usual proposals. */
  public static ShapeChoices none() {
    EnumSet<Proposal> usual = EnumSet.noneOf(Proposal.class);
    for (Proposal proposal : Proposal.values()) {
      if (proposal.isUsual()) {
        usual.add(proposal);
      }
    }
    return new ShapeChoices(
        Style.CONTINUOUS, usual, DOTTED_QUARTER, Map.of(), Map.of(), OwnMarks.NONE);
  }

  /** Whether something is proposed. */
  public boolean has(Proposal proposal) {
    return proposals.contains(proposal);
  }

  /** The same in another style. */
  public ShapeChoices withStyle(Style newStyle) {
    return new ShapeChoices(newStyle, proposals, mustFrom, peaks, characters, own);
  }

  /** The same with another written length from which notes must vibrate. */
  public ShapeChoices withMustFrom(Fraction length) {
    return new ShapeChoices(style, proposals, length, peaks, characters, own);
  }

  /** The same with a proposal switched on or off. */
  public ShapeChoices with(Proposal proposal, boolean isOn) {
    EnumSet<Proposal> changed = EnumSet.noneOf(Proposal.class);
    changed.addAll(proposals);
    if (isOn) {
      changed.add(proposal);
    } else {
      changed.remove(proposal);
    }
    return new ShapeChoices(style, changed, mustFrom, peaks, characters, own);
  }

  /** The same with a phrase's peak on another note; empty for none. */
  public ShapeChoices withPeak(NoteRef phrase, Optional<NoteRef> peak) {
    Map<NoteRef, Optional<NoteRef>> moved = new LinkedHashMap<>(peaks);
    moved.put(phrase, peak);
    return new ShapeChoices(style, proposals, mustFrom, moved, characters, own);
  }

  /** The same with a phrase's peak where it is proposed. */
  public ShapeChoices withoutPeak(NoteRef phrase) {
    Map<NoteRef, Optional<NoteRef>> moved = new LinkedHashMap<>(peaks);
    moved.remove(phrase);
    return new ShapeChoices(style, proposals, mustFrom, moved, characters, own);
  }

  /** The same with a word of character on a phrase; empty for none. */
  public ShapeChoices withCharacter(NoteRef phrase, Optional<Character> character) {
    Map<NoteRef, Character> all = new LinkedHashMap<>(characters);
    all.remove(phrase);
    character.ifPresent(c -> all.put(phrase, c));
    return new ShapeChoices(style, proposals, mustFrom, peaks, all, own);
  }

  /** The same with other marks of the player's own. */
  public ShapeChoices with(OwnMarks marks) {
    return new ShapeChoices(style, proposals, mustFrom, peaks, characters, marks);
  }

  /** The same with peaks and characters that stay with their phrases. */
  public ShapeChoices moved(NoteMoves moves) {
    Map<NoteRef, Optional<NoteRef>> peaksNow = new LinkedHashMap<>();
    peaks.forEach(
        (phrase, peak) -> {
          Optional<NoteRef> phraseNow = moves.of(phrase);
          Optional<NoteRef> peakNow = peak.flatMap(moves::of);
          if (phraseNow.isPresent() && peakNow.isPresent() == peak.isPresent()) {
            peaksNow.put(phraseNow.get(), peakNow);
          } else {
            moves.lose("the peak", phrase);
          }
        });
    return new ShapeChoices(
        style,
        proposals,
        mustFrom,
        peaksNow,
        moves.keys("the character", characters),
        own.moved(moves));
  }
}
