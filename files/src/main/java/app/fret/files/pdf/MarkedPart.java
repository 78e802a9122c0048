package app.fret.files.pdf;

import app.fret.engraving.Annotations;
import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.engraving.Paper;
import app.fret.engraving.PartPages;
import app.fret.files.plan.BowHints;
import app.fret.instrument.Instrument;
import app.fret.score.Tempo;
import app.fret.study.PaperMarks;
import app.fret.study.PositionRun;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;

/** The marked part of a study as pages: fingers, strings, positions, cautions. */
public final class MarkedPart {
  private final Study study;
  private final boolean withTrack;
  private final List<String> words;

  /** The part of a study. */
  public MarkedPart(Study study) {
    this(study, false);
  }

  /**
   * The part of a study.
   *
   * @param withTrack whether the place of the bow is drawn under each system
   */
  public MarkedPart(Study study, boolean withTrack) {
    this(study, withTrack, List.of());
  }

  /**
   * The part of a study.
   *
   * @param withTrack whether the place of the bow is drawn under each system
   * @param words how it is to be played, before all other notes
   */
  public MarkedPart(Study study, boolean withTrack, List<String> words) {
    this.study = study;
    this.withTrack = withTrack;
    this.words = List.copyOf(words);
  }

  /** Its pages on this paper. */
  public List<PartPages.Page> pages(Paper paper) {
    Engraving engraving =
        new Engraver().engrave(PaperMarks.own(study), PartPages.widthSpaces(paper), annotations());
    return PartPages.of(withTrack ? tracked(engraving) : engraving, heading(), paper);
  }

  private Engraving tracked(Engraving engraving) {
    TrackMarks track = new TrackMarks(study);
    return new Engraving(
        engraving.widthSpaces(), engraving.systems().stream().map(track::under).toList());
  }

  private Annotations annotations() {
    Instrument instrument = study.player().instrument();
    List<Annotations.Bracket> brackets = new ArrayList<>();
    List<PositionRun> runs = PositionRun.of(study.leftHand());
    for (int i = 0; i < runs.size(); i++) {
      PositionRun run = runs.get(i);
      // A bracket begins where the hand sets out, and the one before ends there.
      int first = PaperMarks.movesAt(study, run);
      int next =
          i + 1 < runs.size() ? PaperMarks.movesAt(study, runs.get(i + 1)) : Integer.MAX_VALUE;
      int last = Math.max(first, Math.min(run.lastNote(), next - 1));
      brackets.add(
          new Annotations.Bracket(
              study.notes().get(first).events().first(),
              study.notes().get(last).events().last(),
              instrument.positionName(run.held().base(), run.held().frame())));
    }
    Set<Integer> cautions = new TreeSet<>();
    for (int note : study.leftHand().advice().wideReaches()) {
      cautions.add(study.notes().get(note).events().first());
    }
    return new Annotations(brackets, cautions);
  }

  private PartPages.Heading heading() {
    Tempo target = study.choices().target();
    String tempo =
        String.format(Locale.ROOT, "%s = %s", target.beat().name(), number(target.perMinute()));
    String player = study.player().name();
    List<String> notes = new ArrayList<>(words);
    if (!study.leftHand().advice().wideReaches().isEmpty()) {
      notes.add("! marks a wide reach.");
    }
    study.leftHand().advice().cautions().forEach(notes::add);
    notes.addAll(BowHints.of(study));
    return new PartPages.Heading(
        study.passage().title(),
        study.passage().partName() + (player.isBlank() ? "" : ", " + player),
        study.choices().profile().label() + ", target " + tempo,
        notes);
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.1f", value).replaceFirst("\\.0$", "");
  }
}
