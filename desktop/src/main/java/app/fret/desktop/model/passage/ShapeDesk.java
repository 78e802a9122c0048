package app.fret.desktop.model.passage;

import app.fret.score.NoteRef;
import app.fret.score.Span;
import app.fret.shape.Character;
import app.fret.shape.OwnLevel;
import app.fret.shape.OwnMarks;
import app.fret.shape.Phrase;
import app.fret.shape.Proposal;
import app.fret.shape.ShapeChoices;
import app.fret.shape.Style;
import app.fret.study.WholeShape;
import java.util.Optional;
import java.util.stream.IntStream;

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

  private OwnMarks own() {
    return wanted().own();
  }

  private void decide(OwnMarks next, String what) {
    decide(wanted().with(next), what);
  }

  /** A phrase begins with the selected note, or no longer does. */
  void beginPhraseHere() {
    desk.withSelected(
        note -> {
          boolean begins = desk.study().levels().phraseOf(note).firstNote() == note;
          setBorder(note, !begins);
        });
  }

  /** A phrase begins with a note, or does not; the first note begins one in any case. */
  public void setBorder(int note, boolean begins) {
    if (note > 0) {
      decide(
          bordered(own(), note, begins),
          begins
              ? "A phrase begins with " + desk.place(note)
              : "Two phrases are joined at " + desk.place(note));
    }
  }

  /** Moves the beginning of a phrase to another note. */
  public void moveBorder(int from, int to) {
    if (to > 0 && to != from) {
      decide(
          bordered(bordered(own(), from, false), to, true),
          "The phrase begins with " + desk.place(to));
    }
  }

  /** What is proposed there anyway needs no decision. */
  private OwnMarks bordered(OwnMarks own, int note, boolean begins) {
    boolean proposed =
        desk.study().brief().reading().phrases().stream().anyMatch(p -> p.first() == note);
    return proposed == begins ? own.withoutBorder(at(note)) : own.withBorder(at(note), begins);
  }

  /** Brings the selected notes out, or no longer where they all are. */
  public void bringOut() {
    desk.selection()
        .range()
        .ifPresent(
            range -> {
              boolean all = notes(range).allMatch(desk.study().levels()::isBroughtOut);
              OwnMarks next = own();
              for (int note : notes(range).toArray()) {
                next = next.withBroughtOut(at(note), !all);
              }
              decide(next, (all ? "No longer brought out: " : "Brought out: ") + place(range));
            });
  }

  private static IntStream notes(Span range) {
    return IntStream.rangeClosed(range.first(), range.last());
  }

  private String place(Span range) {
    return range.first() == range.last()
        ? desk.place(range.first())
        : desk.place(range.first()) + " to " + desk.place(range.last());
  }

  /**
   * Gives a level, or a hairpin, to the selected notes; where one note is selected, to its phrase.
   *
   * @param from level of the first note, 1 to 10
   * @param to level of the last
   */
  public void setLevel(double from, double to) {
    stretch()
        .ifPresent(
            s -> {
              OwnLevel level = new OwnLevel(at(s.first()), at(s.last()), from, to);
              decide(own().with(level), "Played " + level.words() + ": " + place(s));
            });
  }

  /** The notes to which a level is given. */
  public Optional<Span> stretch() {
    return desk.selection()
        .range()
        .map(r -> r.first() == r.last() ? desk.study().levels().phraseOf(r.first()).span() : r);
  }

  /** The level of the player's own that holds at a note. */
  public Optional<OwnMarks.Given> levelAt(int note) {
    return desk.study().choices().shape().own().levelOf(note, desk.study().places());
  }

  /** Takes a level away, so that the print holds. */
  public void removeLevel(OwnMarks.Given given) {
    decide(
        own().withoutLevel(given.level().first(), given.level().last()),
        "As printed: " + place(new Span(given.first(), given.last())));
  }

  /** Takes a whole shape. */
  public void take(WholeShape shape) {
    decide(shape.choices(), "The page is shaped " + shape.idea().words());
  }
}
