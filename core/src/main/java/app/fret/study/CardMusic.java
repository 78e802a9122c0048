package app.fret.study;

import app.fret.harmony.Tonic;
import app.fret.instrument.Instrument;
import app.fret.instrument.OutOfRangeException;
import app.fret.lefthand.PinConflictException;
import app.fret.practice.Scale;
import app.fret.practice.drill.DrillKind;
import app.fret.practice.drill.DrillMusic;
import app.fret.practice.drill.RhythmDrills;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.score.Key;
import app.fret.score.Passage;
import app.fret.score.PlayOrder;
import app.fret.score.Span;
import app.fret.score.Tempo;
import java.util.List;
import java.util.Optional;

/** The music of a card: the passage itself, or a drill made of it. */
public final class CardMusic {
  private static final int WARM_UP_OCTAVES = 2;

  private CardMusic() {}

  /**
   * What a card has one play.
   *
   * @param study its music, planned
   * @param hits how often the card's spot comes in it, at least once
   */
  public record Made(Study study, int hits) {
    /** How long it takes at its tempo, in s. */
    public double seconds() {
      return PlayOrder.seconds(study.passage(), study.brief().tempos());
    }
  }

  /**
   * What a card has one play. Takes time: a drill is planned like any passage.
   *
   * @param study the passage the card is for
   * @param at how fast it is played
   */
  public static Made of(Study study, Card card, Tempo at) {
    if (card.kind().isWholePass() || !isPlayed(card.kind())) {
      return new Made(study, 1);
    }
    if (card.kind() == CardKind.WARM_UP) {
      return new Made(warmUp(study, at), 1);
    }
    DrillKind kind = card.drill().flatMap(DrillKind::ofId).orElse(kindOf(card.kind()));
    Span notes = notes(study, card, kind);
    Optional<DrillMusic> music =
        kind == DrillKind.WHOLE_CLIMB
            ? climb(study, card, notes)
            : kind.make(study.drillSource(), notes);
    Made made = made(study, music, notes, at);
    return card.kind() == CardKind.DRILL ? made : new Made(made.study(), 1);
  }

  /**
   * A drill of notes of the player's own choice.
   *
   * @param notes numbers of the first and the last note it is made from
   */
  public static Made of(Study study, DrillKind kind, Span notes, Tempo at) {
    return made(study, kind.make(study.drillSource(), notes), notes, at);
  }

  private static Made made(Study study, Optional<DrillMusic> music, Span notes, Tempo at) {
    if (music.isEmpty()) {
      return new Made(study, 1);
    }
    int spot = notes.last();
    long hits = music.get().sources().stream().filter(s -> s == spot).count();
    try {
      return new Made(DrillStudy.of(study, music.get(), at), (int) Math.max(1, hits));
    } catch (OutOfRangeException e) {
      throw new IllegalStateException("a drill leaves the instrument", e);
    }
  }

  /** Whether a card has music made of the passage. */
  private static boolean isPlayed(CardKind kind) {
    return switch (kind) {
      case WARM_UP, WHOLE_CLIMB, RHYTHM, DRILL -> true;
      default -> false;
    };
  }

  /** On as many rungs as the card has sets, from the one it names. */
  private static Optional<DrillMusic> climb(Study study, Card card, Span notes) {
    int from = study.practice().ladder().rungAt(card.perMinute().orElse(0));
    int sets = card.passes() / RhythmDrills.SET.size();
    return RhythmDrills.climb(study.drillSource(), notes, from, Math.max(1, sets));
  }

  private static DrillKind kindOf(CardKind kind) {
    return switch (kind) {
      case WHOLE_CLIMB -> DrillKind.WHOLE_CLIMB;
      default -> DrillKind.RHYTHM;
    };
  }

  /** The scale of the passage's key from the lowest tonic, two octaves where there are two. */
  private static Study warmUp(Study study, Tempo at) {
    Key key = study.passage().bars().get(0).key();
    Tonic tonic = Tonic.of(key, study.notes());
    Scale.Kind kind = tonic.minor() ? Scale.Kind.MELODIC_MINOR : Scale.Kind.MAJOR;
    Instrument instrument = study.player().instrument();
    int octaves =
        Math.min(WARM_UP_OCTAVES, Scale.octavesOf(tonic.step(), tonic.alter(), instrument));
    Passage scale = new Scale(tonic.step(), tonic.alter(), kind, octaves).music(instrument);
    try {
      return Study.of(scale, study.player(), Choices.at(at));
    } catch (OutOfRangeException | PinConflictException e) {
      throw new IllegalStateException("a scale leaves the instrument", e);
    }
  }

  /** Tempo of a warm-up: half of the target. */
  public static Tempo warmUpTempo(Study study) {
    Tempo target = study.choices().target();
    return target.at(Math.ceil(target.perMinute() / 2));
  }

  /** Notes of the card's spot, or of the chunk that is worked on. */
  private static Span notes(Study study, Card card, DrillKind kind) {
    if (card.spot().isEmpty()) {
      return ProgrammeItem.hardestChunk(study);
    }
    String place = card.spot().get().place();
    for (int i = 0; i < study.notes().size(); i++) {
      if (ProgrammeItem.place(study, i).equals(place)) {
        int note = i;
        return ProgrammeItem.problemAt(study, note, kind).orElseGet(() -> chunkAt(study, note));
      }
    }
    List<Span> chunks = study.chunks();
    return chunks.isEmpty() ? new Span(0, 0) : chunks.get(0);
  }

  private static Span chunkAt(Study study, int note) {
    return study.chunks().stream()
        .filter(c -> c.holds(note))
        .findFirst()
        .orElse(new Span(note, note));
  }
}
