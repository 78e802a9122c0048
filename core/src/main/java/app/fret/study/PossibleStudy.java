package app.fret.study;

import app.fret.bow.stroke.StrokeAt;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandChoices;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.shape.OwnLevel;
import app.fret.shape.OwnMarks;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * A study under decisions that were made before, some of which may not hold any more: another hand,
 * another tuning, a score that is read otherwise. What cannot be met is set aside and named; it is
 * never put on another note, and never keeps a passage from being opened.
 *
 * @param study the study under all decisions that can be met
 * @param remarks a sentence for each that is not in force
 */
public record PossibleStudy(Study study, List<String> remarks) {
  public PossibleStudy {
    remarks = List.copyOf(remarks);
  }

  /**
   * Works out a passage under as many of the decisions as can be met.
   *
   * @throws OutOfRangeException when the instrument lacks a note
   */
  public static PossibleStudy of(Passage passage, Player player, Choices choices)
      throws OutOfRangeException {
    return of(passage, player, choices, Study::of);
  }

  /** The same where pins decide nearly every finger: see {@link Study#ofDecided}. */
  static PossibleStudy ofDecided(Passage passage, Player player, Choices choices)
      throws OutOfRangeException {
    return of(passage, player, choices, Study::ofDecided);
  }

  /** Works out a study, or says which pins cannot be met. */
  private interface Work {
    Study of(Passage passage, Player player, Choices choices)
        throws OutOfRangeException, PinConflictException;
  }

  private static PossibleStudy of(Passage passage, Player player, Choices choices, Work work)
      throws OutOfRangeException {
    NotePlaces places = NotePlaces.of(passage, PlayedNote.of(passage));
    List<String> remarks = new ArrayList<>();
    Choices possible = choices;
    while (true) {
      try {
        Study study = work.of(passage, player, possible);
        for (PinAt lost : study.pinsWithoutPlace()) {
          remarks.add(lost("A pin", passage, lost.at()));
        }
        addLost(study, remarks);
        return new PossibleStudy(study, remarks);
      } catch (PinConflictException e) {
        int bar = places.top(e.note()).bar();
        remarks.add(
            "Set aside, but kept: in bar "
                + passage.bars().get(bar).label()
                + " "
                + e.getMessage()
                + ".");
        possible = without(possible, e.toBlame(), places);
      }
    }
  }

  /** Decisions for bow, shape and practice whose notes are gone: kept, but not in force. */
  private static void addLost(Study study, List<String> remarks) {
    for (StrokeAt stroke : study.choices().bow().strokes()) {
      if (study.places().find(stroke.at()).isEmpty()) {
        remarks.add(lost("A decision for the bow", study.passage(), stroke.at()));
      }
    }
    for (NoteRef phrase : study.choices().shape().peaks().keySet()) {
      if (study.places().find(phrase).isEmpty()) {
        remarks.add(lost("A peak that was moved", study.passage(), phrase));
      }
    }
    OwnMarks own = study.choices().shape().own();
    addLost(study, "The border of a phrase", own.borders().keySet(), remarks);
    addLost(study, "A note to bring out", own.broughtOut(), remarks);
    for (OwnLevel level : own.levels()) {
      List<NoteRef> ends = List.of(level.first(), level.last());
      ends.stream()
          .filter(at -> study.places().find(at).isEmpty())
          .findFirst()
          .ifPresent(at -> remarks.add(lost("A level", study.passage(), at)));
    }
    for (NoteRef start : study.choices().practice().chunkStarts()) {
      if (study.places().find(start).isEmpty()) {
        remarks.add(lost("The border of a chunk", study.passage(), start));
      }
    }
  }

  private static void addLost(
      Study study, String what, Collection<NoteRef> places, List<String> remarks) {
    places.stream()
        .filter(at -> study.places().find(at).isEmpty())
        .forEach(at -> remarks.add(lost(what, study.passage(), at)));
  }

  private static String lost(String what, Passage passage, NoteRef at) {
    return what
        + " on "
        + at.written().display()
        + " in bar "
        + bar(passage, at)
        + " finds no such note there any more; it is kept, but not in force.";
  }

  private static String bar(Passage passage, NoteRef at) {
    int bar = at.bar();
    return bar < passage.bars().size() ? passage.bars().get(bar).label() : "beyond the last";
  }

  private static Choices without(Choices choices, List<Pin> toBlame, NotePlaces places) {
    List<PinAt> fewer = new ArrayList<>(choices.pins());
    fewer.removeIf(at -> at.in(places).filter(toBlame::contains).isPresent());
    if (fewer.size() == choices.pins().size()) {
      throw new IllegalStateException("pins are to blame that nobody made: " + toBlame);
    }
    return choices.with(new LeftHandChoices(choices.profile(), fewer));
  }
}
