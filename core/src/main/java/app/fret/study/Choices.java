package app.fret.study;

import app.fret.bow.stroke.BowChoices;
import app.fret.lefthand.LeftHandChoices;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.effort.Profile;
import app.fret.practice.PracticeChoices;
import app.fret.reading.layers.LayerChoices;
import app.fret.reading.traps.ReadingChoices;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import app.fret.shape.ShapeChoices;
import app.fret.time.TempoChoices;
import java.util.Collection;
import java.util.List;

/**
 * What the player has decided for a passage, area by area. Undo is keeping the old choices.
 *
 * @param tempo how fast it is to go
 * @param leftHand fingers and strings
 * @param reading what was seen on the page
 * @param layers whose marks are shown
 * @param bow strokes and how far the printed bowing binds
 * @param shape levels, peaks and vibrato
 * @param practice chunks and what passes a rung
 */
public record Choices(
    TempoChoices tempo,
    LeftHandChoices leftHand,
    ReadingChoices reading,
    LayerChoices layers,
    BowChoices bow,
    ShapeChoices shape,
    PracticeChoices practice) {

  /** Nothing decided but the tempo. */
  public static Choices at(Tempo target) {
    return new Choices(
        TempoChoices.at(target),
        LeftHandChoices.none(),
        ReadingChoices.none(),
        LayerChoices.none(),
        BowChoices.none(),
        ShapeChoices.none(),
        PracticeChoices.none());
  }

  /** The target tempo. */
  public Tempo target() {
    return tempo.target();
  }

  /** What the fingering is to be good for. */
  public Profile profile() {
    return leftHand.profile();
  }

  /** Fingers, strings and positions decided by hand. */
  public List<PinAt> pins() {
    return leftHand.pins();
  }

  /** The same choices with another tempo. */
  public Choices with(TempoChoices newTempo) {
    return new Choices(newTempo, leftHand, reading, layers, bow, shape, practice);
  }

  /** The same choices with another left hand. */
  public Choices with(LeftHandChoices newLeftHand) {
    return new Choices(tempo, newLeftHand, reading, layers, bow, shape, practice);
  }

  /** The same choices with another reading. */
  public Choices with(ReadingChoices newReading) {
    return new Choices(tempo, leftHand, newReading, layers, bow, shape, practice);
  }

  /** The same choices with other layers. */
  public Choices with(LayerChoices newLayers) {
    return new Choices(tempo, leftHand, reading, newLayers, bow, shape, practice);
  }

  /** The same choices with another bow. */
  public Choices with(BowChoices newBow) {
    return new Choices(tempo, leftHand, reading, layers, newBow, shape, practice);
  }

  /** The same choices with another shape. */
  public Choices with(ShapeChoices newShape) {
    return new Choices(tempo, leftHand, reading, layers, bow, newShape, practice);
  }

  /** The same choices with other practice. */
  public Choices with(PracticeChoices newPractice) {
    return new Choices(tempo, leftHand, reading, layers, bow, shape, newPractice);
  }

  /** The same choices with another target tempo. */
  public Choices withTarget(Tempo newTarget) {
    return new Choices(
        tempo.withTarget(newTarget), leftHand, reading, layers, bow, shape, practice);
  }

  /** The same choices under another profile. */
  public Choices withProfile(Profile newProfile) {
    return with(leftHand.withProfile(newProfile));
  }

  /** The same choices with a pin, in place of any other on its note head. */
  public Choices withPin(PinAt pin) {
    return with(leftHand.withPin(pin));
  }

  /** The same choices with more pins, beside those there are. */
  public Choices withPins(List<PinAt> more) {
    return with(leftHand.withPins(more));
  }

  /** The same choices with these note heads set free. */
  public Choices withoutPins(Collection<NoteRef> heads) {
    return with(leftHand.withoutPins(heads));
  }
}
