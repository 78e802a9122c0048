package app.fret.lefthand.effort;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.EffortTerm;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.effort.term.TurnTerm;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/** Ways to take notes, and what single terms say of them. */
final class Ways {
  static final Player VIOLIN = Player.of("", Instruments.named("violin"));
  static final Player CELLO = Player.of("", Instruments.named("cello"));
  static final Player BASS = Player.of("", Instruments.named("bass"));

  private Ways() {}

  /** The first way to take a sound, or several joined by plus signs, that is so. */
  static Placement way(Player player, String sounding, Predicate<Placement> wanted) {
    List<SoundingPitch> chord =
        Arrays.stream(sounding.split("\\+"))
            .map(n -> new SoundingPitch(WrittenPitch.parse(n).semitone()))
            .toList();
    return new Placements(player).of(chord).stream().filter(wanted).findFirst().orElseThrow();
  }

  /** The first way to take it from a base that is so. */
  static Placement way(Player player, String sounding, int base, Predicate<Placement> wanted) {
    return way(player, sounding, wanted.and(p -> p.base() == base));
  }

  /** The way to take it from a base with the highest note stopped so. */
  static Placement way(Player player, String sounding, int base, int string, Finger by) {
    return way(
        player,
        sounding,
        p ->
            p.base() == base
                && p.top().string() == string
                && p.top().finger() == by
                && !p.top().isHarmonic());
  }

  /** A term by its name. */
  static <T extends EffortTerm> T term(Player player, Class<T> kind, String name) {
    return EffortTerms.of(player).stream()
        .filter(t -> t.name().equals(name))
        .map(kind::cast)
        .findFirst()
        .orElseThrow();
  }

  /** What a term says of being there. */
  static double place(Player player, String name, Moment moment, Placement at) {
    return term(player, PlaceTerm.class, name).effort(moment, at);
  }

  /** What a term says of getting there. */
  static double move(Player player, String name, Moment moment, Placement from, Placement to) {
    return term(player, MoveTerm.class, name).effort(moment, from, to);
  }

  /** What a term says of a move after another. */
  static double turn(Player player, String name, Moment moment, Trail before, Turn now) {
    return term(player, TurnTerm.class, name).effort(moment, before, now);
  }
}
