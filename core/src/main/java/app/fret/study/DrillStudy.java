package app.fret.study;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.instrument.OutOfRangeException;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.practice.drill.DrillMusic;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Directions;
import app.fret.score.Note;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.shape.ShapeChoices;
import app.fret.time.TempoChoices;
import app.fret.time.TempoPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A drill worked out as every passage is, with what it carries over decided: fingers, centimetres
 * of bow, the school of the bow and the style of the shape. Levels and accents are printed in its
 * music.
 */
public final class DrillStudy {
  /** Less is plucked or hardly a stroke; more is no single stroke. */
  private static final double LEAST_CM = 0.5;

  private static final double MOST_CM = 75;

  private DrillStudy() {}

  /**
   * Works a drill out. A finger that cannot be met where the drill puts it, such as of a note that
   * stands alone now, is left to the plan.
   *
   * @param source what the drill was made from
   * @param tempo how fast it is played
   * @throws OutOfRangeException when the instrument lacks a note, which no drill should bring about
   */
  public static Study of(Study source, DrillMusic drill, Tempo tempo) throws OutOfRangeException {
    ShapeChoices shape = source.choices().shape();
    Choices choices =
        Choices.at(tempo)
            .with(tempos(drill.passage(), tempo))
            .withProfile(source.choices().profile())
            .withPins(pins(drill.passage()))
            .with(BowChoices.none().withStrokes(amounts(source, drill)))
            .with(ShapeChoices.none().withStyle(shape.style()).withMustFrom(shape.mustFrom()));
    return PossibleStudy.ofDecided(drill.passage(), source.player(), choices).study();
  }

  /** A drill that climbs has tempos of its own from its second mark on. */
  private static TempoChoices tempos(Passage drill, Tempo tempo) {
    List<Directions.TempoMark> marks = drill.directions().tempos();
    List<PlayedNote> notes = PlayedNote.of(drill);
    NotePlaces places = NotePlaces.of(drill, notes);
    TempoChoices tempos = TempoChoices.at(tempo);
    for (int i = 1; i < marks.size(); i++) {
      Fraction from = marks.get(i).onset();
      Fraction to = i + 1 < marks.size() ? marks.get(i + 1).onset() : drill.length();
      List<PlayedNote> own =
          notes.stream()
              .filter(n -> n.onset().compareTo(from) >= 0 && n.onset().compareTo(to) < 0)
              .toList();
      tempos =
          tempos.withPlace(
              new TempoPlace(
                  TempoPlace.Kind.REGION,
                  places.top(own.get(0).number()),
                  places.top(own.get(own.size() - 1).number()),
                  marks.get(i).tempo().perMinute()));
    }
    return tempos;
  }

  /** Slow practice keeps the bow: each stroke has the hair its notes have in the music. */
  private static List<StrokeAt> amounts(Study source, DrillMusic drill) {
    Reading reading = Reading.of(drill.passage());
    List<StrokeAt> amounts = new ArrayList<>();
    for (Span stroke : reading.strokes().groups()) {
      double cm = 0;
      for (int note = stroke.first(); note <= stroke.last(); note++) {
        cm += cmOf(source, drill.sources().get(reading.notes().get(note).events().first()));
      }
      if (cm >= LEAST_CM && cm <= MOST_CM) {
        amounts.add(
            new StrokeAt(reading.places().top(stroke.first()), StrokeDecision.amountCm(cm)));
      }
    }
    return amounts;
  }

  private static double cmOf(Study source, int note) {
    Stroke stroke = source.bow().strokes().get(source.bow().strokeOf(note));
    return stroke.sharesCm().get(note - stroke.firstNote());
  }

  private static List<PinAt> pins(Passage drill) {
    List<PlayedNote> notes = PlayedNote.of(drill);
    NotePlaces places = NotePlaces.of(drill, notes);
    List<PinAt> pins = new ArrayList<>();
    for (PlayedNote note : notes) {
      List<NoteRef> heads = places.of(note.number());
      for (int i = 0; i < note.notes().size(); i++) {
        Note head = note.notes().get(i);
        if (head.finger().isPresent() && head.string().isPresent()) {
          boolean single = note.notes().size() == 1;
          pins.add(
              single
                  ? PinAt.of(
                      Pin.of(note.number(), head.string().getAsInt(), head.finger().get()), places)
                  : new PinAt(
                      heads.get(i),
                      false,
                      head.string(),
                      head.finger(),
                      Optional.empty(),
                      OptionalInt.empty()));
        }
      }
    }
    return pins;
  }
}
