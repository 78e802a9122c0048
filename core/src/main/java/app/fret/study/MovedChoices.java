package app.fret.study;

import app.fret.bow.StrokeAt;
import app.fret.lefthand.LeftHandChoices;
import app.fret.lefthand.PinAt;
import app.fret.practice.trial.TrialPlan;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.layers.LayerChoices;
import app.fret.reading.layers.LayerMark;
import app.fret.reading.traps.ReadingChoices;
import app.fret.reading.traps.TrapAt;
import app.fret.reading.traps.TypedRunning;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.shape.ShapeChoices;
import app.fret.time.TempoPlace;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Decisions that stay with their notes when others are put in or taken out before them.
 *
 * @param choices the decisions at the places where their notes stand now
 * @param lost a phrase for each decision whose note is gone or another now
 */
public record MovedChoices(Choices choices, List<String> lost) {
  public MovedChoices {
    lost = List.copyOf(lost);
  }

  /**
   * Moves decisions along with their notes.
   *
   * @param eventsNow by event of the passage before: its number in the passage after; those that
   *     are gone are missing
   */
  public static MovedChoices of(
      Choices choices, Passage before, Passage after, Map<Integer, Integer> eventsNow) {
    Map<NoteRef, NoteRef> moves = moves(before, after, eventsNow);
    List<String> lost = new ArrayList<>();
    List<PinAt> pins = new ArrayList<>();
    for (PinAt pin : choices.pins()) {
      Optional<NoteRef> now = Optional.ofNullable(moves.get(pin.at()));
      now.ifPresentOrElse(
          at -> pins.add(pin.movedTo(at)), () -> lost.add(words("the pin", pin.at(), before)));
    }
    Set<TrapAt> seen = new HashSet<>();
    for (TrapAt trap : choices.reading().seen()) {
      Optional<NoteRef> now = Optional.ofNullable(moves.get(trap.at()));
      now.ifPresentOrElse(
          at -> seen.add(new TrapAt(trap.kind(), at)),
          () -> lost.add(words("the tick", trap.at(), before)));
    }
    List<TempoPlace> tempos = new ArrayList<>();
    for (TempoPlace place : choices.tempo().places()) {
      Optional<NoteRef> from = Optional.ofNullable(moves.get(place.from()));
      Optional<NoteRef> to = Optional.ofNullable(moves.get(place.to()));
      if (from.isPresent() && to.isPresent()) {
        tempos.add(place.movedTo(from.get(), to.get()));
      } else {
        lost.add(words("the tempo", place.from(), before));
      }
    }
    List<TypedRunning> running = new ArrayList<>();
    for (TypedRunning typed : choices.reading().running()) {
      Optional<NoteRef> from = Optional.ofNullable(moves.get(typed.from()));
      Optional<NoteRef> to = Optional.ofNullable(moves.get(typed.to()));
      if (from.isPresent() && to.isPresent()) {
        running.add(typed.movedTo(from.get(), to.get()));
      } else {
        lost.add(words("what the others run on", typed.from(), before));
      }
    }
    LayerChoices layers = choices.layers();
    for (var layer : choices.layers().added().entrySet()) {
      Map<NoteRef, LayerMark> marks = new HashMap<>();
      layer
          .getValue()
          .forEach(
              (at, mark) -> {
                if (moves.containsKey(at)) {
                  marks.put(moves.get(at), mark);
                } else {
                  lost.add(words("the " + layer.getKey().words() + "'s mark", at, before));
                }
              });
      layers = layers.with(layer.getKey(), marks);
    }
    List<StrokeAt> strokes = new ArrayList<>();
    for (StrokeAt stroke : choices.bow().strokes()) {
      Optional<NoteRef> now = Optional.ofNullable(moves.get(stroke.at()));
      now.ifPresentOrElse(
          at -> strokes.add(stroke.movedTo(at)),
          () -> lost.add(words("the decision for the bow", stroke.at(), before)));
    }
    ShapeChoices shape = choices.shape();
    for (var peak : choices.shape().peaks().entrySet()) {
      shape = shape.withoutPeak(peak.getKey());
      NoteRef phrase = moves.get(peak.getKey());
      boolean kept = peak.getValue().isEmpty() || moves.containsKey(peak.getValue().get());
      if (phrase == null || !kept) {
        lost.add(words("the peak", peak.getKey(), before));
      } else {
        shape = shape.withPeak(phrase, peak.getValue().map(moves::get));
      }
    }
    for (var character : choices.shape().characters().entrySet()) {
      shape = shape.withCharacter(character.getKey(), Optional.empty());
      NoteRef phrase = moves.get(character.getKey());
      if (phrase == null) {
        lost.add(words("the character", character.getKey(), before));
      } else {
        shape = shape.withCharacter(phrase, Optional.of(character.getValue()));
      }
    }
    List<NoteRef> chunkStarts = new ArrayList<>();
    for (NoteRef start : choices.practice().chunkStarts()) {
      Optional<NoteRef> now = Optional.ofNullable(moves.get(start));
      now.ifPresentOrElse(
          chunkStarts::add, () -> lost.add(words("the border of a chunk", start, before)));
    }
    Optional<TrialPlan> trial =
        choices
            .practice()
            .trial()
            .filter(t -> t.places().stream().allMatch(p -> p.equals(moves.get(p))));
    if (trial.isEmpty() && choices.practice().trial().isPresent()) {
      lost.add(words("the trial of two ways", choices.practice().trial().get().at(), before));
    }
    LeftHandChoices leftHand = new LeftHandChoices(choices.profile(), pins);
    return new MovedChoices(
        choices
            .with(leftHand)
            .with(new ReadingChoices(seen, running))
            .with(choices.tempo().withPlaces(tempos))
            .with(layers)
            .with(choices.bow().withStrokes(strokes))
            .with(shape)
            .with(choices.practice().withChunkStarts(chunkStarts).withTrial(trial)),
        lost);
  }

  private static String words(String what, NoteRef at, Passage before) {
    String bar = at.bar() < before.bars().size() ? before.bars().get(at.bar()).label() : "?";
    return what + " on " + at.written().display() + " in bar " + bar;
  }

  private static Map<NoteRef, NoteRef> moves(
      Passage before, Passage after, Map<Integer, Integer> eventsNow) {
    List<PlayedNote> notesBefore = PlayedNote.of(before);
    List<PlayedNote> notesAfter = PlayedNote.of(after);
    NotePlaces placesBefore = NotePlaces.of(before, notesBefore);
    NotePlaces placesAfter = NotePlaces.of(after, notesAfter);
    Map<Integer, Integer> noteAt = new HashMap<>();
    notesAfter.forEach(n -> noteAt.put(n.events().first(), n.number()));
    Map<NoteRef, NoteRef> moves = new HashMap<>();
    for (PlayedNote note : notesBefore) {
      Integer event = eventsNow.get(note.events().first());
      Integer now = event == null ? null : noteAt.get(event);
      if (now != null) {
        addHeads(placesBefore.of(note.number()), placesAfter.of(now), moves);
      }
    }
    return moves;
  }

  private static void addHeads(
      List<NoteRef> before, List<NoteRef> after, Map<NoteRef, NoteRef> moves) {
    List<NoteRef> free = new ArrayList<>(after);
    for (NoteRef head : before) {
      free.stream()
          .filter(f -> f.written().equals(head.written()))
          .findFirst()
          .ifPresent(
              found -> {
                moves.put(head, found);
                free.remove(found);
              });
    }
  }
}
