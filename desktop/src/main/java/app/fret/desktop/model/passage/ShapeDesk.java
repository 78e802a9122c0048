package app.fret.desktop.model.passage;

import app.fret.score.NoteRef;
import app.fret.shape.Character;
import app.fret.shape.Phrase;
import app.fret.shape.Proposal;
import app.fret.shape.ShapeChoices;
import app.fret.shape.Style;
import java.util.Optional;

/** The shape of the open passage: peaks moved, proposals switched, words of character. */
public final class ShapeDesk {
  private final PassageDesk desk;

  ShapeDesk(PassageDesk desk) {
    this.desk = desk;
  }

  private ShapeChoices wanted() {
    return desk.wantedChoices().shape();
  }

  private void decide(ShapeChoices next, String what) {
    desk.decide(desk.wantedChoices().with(next), what);
  }

  private NoteRef at(int note) {
    return desk.study().places().top(note);
  }

  /** Switches a proposal on or off. */
  public void set(Proposal proposal, boolean isOn) {
    decide(
        wanted().with(proposal, isOn), (isOn ? "Proposed: " : "Not proposed: ") + proposal.words());
  }

  /** Plays it in another style. */
  public void setStyle(Style style) {
    String words = style.words();
    decide(
        wanted().withStyle(style),
        java.lang.Character.toUpperCase(words.charAt(0)) + words.substring(1));
  }

  /** Puts the peak of a phrase on one of its notes. */
  public void setPeak(Phrase phrase, int note) {
    int within = Math.max(phrase.firstNote(), Math.min(phrase.lastNote(), note));
    decide(
        wanted().withPeak(at(phrase.firstNote()), Optional.of(at(within))),
        "The phrase leads to " + desk.place(within));
  }

  /** Puts the peak of the selected note's phrase on that note. */
  void setPeakHere() {
    desk.withSelected(note -> setPeak(desk.study().levels().phraseOf(note), note));
  }

  /** Moves the peak of the selected note's phrase by some notes. */
  void movePeak(int by) {
    desk.withSelected(
        note -> {
          Phrase phrase = desk.study().levels().phraseOf(note);
          setPeak(phrase, phrase.peak() + by);
        });
  }

  /** Keeps a phrase level. */
  public void keepLevel(Phrase phrase) {
    decide(wanted().withPeak(at(phrase.firstNote()), Optional.empty()), "No peak: kept level");
  }

  /** Puts the peak of a phrase where it is proposed. */
  public void undoMoves(Phrase phrase) {
    decide(wanted().withoutPeak(at(phrase.firstNote())), "The peak is where it is proposed");
  }

  /** Gives a phrase a word of character, or takes it away. */
  public void setCharacter(Phrase phrase, Optional<Character> character) {
    decide(
        wanted().withCharacter(at(phrase.firstNote()), character),
        character.map(c -> "The phrase is " + c.words()).orElse("The phrase has no word"));
  }
}
