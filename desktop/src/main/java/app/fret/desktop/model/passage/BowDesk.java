package app.fret.desktop.model.passage;

import app.fret.bow.search.OtherStroke;
import app.fret.bow.stroke.Accents;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.trouble.Mend;
import app.fret.score.NoteRef;
import app.fret.score.Span;
import app.fret.study.LikeStrokes;
import app.fret.study.PatternOffer;
import app.fret.study.Study;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/** The bow of the open passage: strokes decided one by one, mends taken, schools. */
public final class BowDesk {
  private final PassageDesk desk;
  private final ObjectProperty<OptionalDouble> rung =
      new SimpleObjectProperty<>(this, "rung", OptionalDouble.empty());

  BowDesk(PassageDesk desk) {
    this.desk = desk;
  }

  /** The tempo at which strokes are looked at, in the target's beat; empty for the target. */
  public ObjectProperty<OptionalDouble> rungProperty() {
    return rung;
  }

  /** That tempo as a share of the target. */
  public double tempoShare() {
    double target = desk.study().choices().target().perMinute();
    return rung.get().orElse(target) / target;
  }

  private BowChoices wanted() {
    return desk.wantedChoices().bow();
  }

  private NoteRef at(int note) {
    return desk.study().places().top(note);
  }

  private void decide(BowChoices next, String what) {
    desk.decide(desk.wantedChoices().with(next), what);
  }

  /** Decides a stroke on the selected note. */
  void decide(Act act) {
    desk.withSelected(note -> decide(note, StrokeDecision.of(act)));
  }

  /** Decides a stroke on a note; the same decision once more takes it back. */
  public void decide(int note, StrokeDecision decision) {
    Optional<String> empty = decision.whyWithoutEffect(note, desk.study().notes().size());
    if (empty.isPresent()) {
      desk.say(sentence(empty.get()) + ".");
      return;
    }
    StrokeAt decided = new StrokeAt(at(note), decision);
    boolean isThere = wanted().strokes().contains(decided);
    BowChoices next = isThere ? wanted().without(decided) : wanted().with(decided);
    String where = " on " + desk.place(note);
    String words = decision.words();
    decide(next, isThere ? "Taken back: " + words + where : sentence(words) + where);
  }

  private static String sentence(String words) {
    return java.lang.Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  /** Frees the stroke of the selected note. */
  void free() {
    desk.withSelected(
        note -> {
          List<NoteRef> heads = desk.study().places().of(note);
          BowChoices freed = wanted().without(heads);
          if (freed.equals(wanted())) {
            desk.say("No stroke is decided on " + desk.place(note) + ".");
          } else {
            decide(freed, "Freed the stroke on " + desk.place(note));
          }
        });
  }

  /** Takes what mends a trouble. */
  public void take(Mend mend) {
    decide(mend.in(wanted()), mend.words().replaceAll("\\.$", ""));
  }

  /** Takes another way for a stroke. */
  public void take(OtherStroke other) {
    decide(wanted().with(other.decided()), "Took " + other.what());
  }

  /** Lets figures that come back start the other way, or the same. */
  public void setOpposite(boolean isOpposite) {
    decide(
        wanted().withOpposite(isOpposite),
        isOpposite ? "Figures start the other way each time" : "Figures start alike");
  }

  /** Makes accents another way. */
  public void setAccents(Accents accents) {
    decide(wanted().with(accents), "Accents by " + accents.words());
  }

  /** Plans the bow in another school. */
  public void setSchool(BowSchool school) {
    decide(wanted().withSchool(school), school.words());
  }

  /** Takes a whole bowing that was compared. */
  public void take(BowChoices bowing, String what) {
    decide(bowing, what);
  }

  /** Takes a pattern for a stretch of notes. */
  public void take(PatternOffer offer, Span stretch) {
    decide(
        offer.choices(),
        sentence(offer.pattern().words())
            + ": "
            + desk.place(stretch.first())
            + " to "
            + desk.place(stretch.last()));
  }

  /** Selects the phrase of the selected note, for which patterns are offered then. */
  public void selectPhrase() {
    desk.withSelected(
        note -> {
          Span phrase = desk.study().levels().phraseOf(note).span();
          desk.selection().select(phrase.first());
          desk.selection().extend(phrase.last() - phrase.first());
        });
  }

  /** Decides the strokes of a note for all notes like it, too. */
  public void decideLike(int note) {
    List<StrokeAt> more = LikeStrokes.elsewhere(desk.study(), note);
    decide(wanted().withAll(more), "The same at all places like " + desk.place(note));
  }

  /** Decisions in force on a note. */
  public List<StrokeAt> decidedOn(int note) {
    List<NoteRef> heads = desk.study().places().of(note);
    return desk.study().choices().bow().strokes().stream()
        .filter(s -> heads.contains(s.at()))
        .toList();
  }

  /** Works out the bowings worth comparing and hands them on. */
  public void compare(Consumer<List<BowCandidate>> onReady) {
    Study now = desk.study();
    desk.work("Working out the bowings to compare …", () -> BowCandidate.of(now), onReady);
  }
}
