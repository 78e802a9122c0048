package app.fret.lefthand.effort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.shift.Crawl;
import app.fret.lefthand.effort.term.EffortTerm;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.moment.Moment;
import app.fret.lefthand.moment.Moment.Sign;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import app.fret.search.Moves;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Moves that share what was weighed are weighed as each would be by itself. */
class MoveLooksTest {
  /** Semitones above the lowest open string: open, low, middle and thumb; two chords at the end. */
  private static final int[][] ABOVE_LOWEST = {
    {0}, {3}, {4}, {9}, {14}, {23}, {24}, {26}, {7, 16}, {12, 21}
  };

  private static List<List<Placement>> layers(Player player) {
    int lowest =
        player.instrument().strings().stream().mapToInt(s -> s.pitch().midi()).min().orElseThrow();
    Placements placements = new Placements(player);
    List<List<Placement>> layers = new ArrayList<>();
    for (int[] chord : ABOVE_LOWEST) {
      List<SoundingPitch> pitches = new ArrayList<>();
      for (int above : chord) {
        pitches.add(new SoundingPitch(lowest + above));
      }
      layers.add(placements.of(pitches));
    }
    return layers;
  }

  /** Some moments, and one for every sign there is. */
  private static List<Moment> moments() {
    WrittenPitch pitch = WrittenPitch.parse("A4");
    List<Moment> moments =
        new ArrayList<>(
            List.of(
                Moment.of(0.11, pitch),
                Moment.of(0.6, pitch).with(Sign.SLURRED).with(Sign.BEAT_START),
                Moment.of(0.2, pitch).with(Sign.AFTER_GRACE).with(Sign.REPEATED),
                Moment.of(0.2, pitch).withSilence(0.5)));
    for (Sign sign : Sign.values()) {
      moments.add(Moment.of(0.15, pitch).with(sign));
    }
    return moments;
  }

  private static Moves allMoves(List<Placement> from, List<Placement> to) {
    Moves.Builder builder = new Moves.Builder(from.size(), to.size());
    for (Placement one : from) {
      builder.addSource(
          to.stream().mapToInt(t -> MoveWeigher.canGo(one, t) ? 0 : Moves.IMPOSSIBLE).toArray());
    }
    return builder.build(turn -> 0);
  }

  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello", "bass"})
  void everyMoveIsWeighedAsByItself(String instrument) {
    Player player = Player.of("", Instruments.named(instrument));
    List<List<Placement>> layers = layers(player);
    int compared = 0;
    for (String profile : List.of("secure", "brilliant", "still-hand")) {
      EffortModel model = new EffortModel(player, Profiles.named(profile));
      MoveWeigher weigher = model.moves(layers);
      for (int i = 0; i < layers.size(); i++) {
        List<Placement> from = layers.get(i);
        List<Placement> to = layers.get((i + 1) % layers.size());
        Moves moves = allMoves(from, to);
        double[][] weighed = weigher.weigh(from, to, moves, moments());
        for (int source = 0; source < from.size(); source++) {
          for (int move = moves.firstFrom(source); move < moves.endFrom(source); move++) {
            Placement target = to.get(moves.target(move));
            for (int m = 0; m < weighed.length; m++) {
              assertThat(weighed[m][move])
                  .as("%s to %s, %s", from.get(source), target, profile)
                  .isCloseTo(model.move(moments().get(m), from.get(source), target), within(1e-9));
              compared++;
            }
          }
        }
      }
    }
    assertThat(compared).isGreaterThan(10_000);
  }

  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello", "bass"})
  void termsSayTheSameOfMovesAlikeInWhatTheyLookAt(String instrument) {
    Player player = Player.of("", Instruments.named(instrument));
    List<List<Placement>> layers = layers(player);
    Crawl crawl = new Crawl(player);
    int shared = 0;
    for (EffortTerm term : EffortTerms.of(player)) {
      if (term instanceof MoveTerm move && move.header().look() != MoveLook.ALL) {
        Map<List<Object>, List<Double>> said = new HashMap<>();
        for (int i = 0; i < layers.size(); i++) {
          for (Placement from : layers.get(i)) {
            for (Placement to : layers.get((i + 1) % layers.size())) {
              List<Double> now = moments().stream().map(m -> say(move, m, from, to)).toList();
              List<Double> before =
                  said.putIfAbsent(
                      seen(move.header().look(), from, to, crawl.joins(from, to)), now);
              if (before != null) {
                assertThat(now).as("%s: %s to %s", move.name(), from, to).isEqualTo(before);
                shared++;
              }
            }
          }
        }
      }
    }
    assertThat(shared).isGreaterThan(1_000);
  }

  private static double say(MoveTerm term, Moment moment, Placement from, Placement to) {
    boolean stringChanges =
        from.top().string() != to.top().string() || !from.isSingle() || !to.isSingle();
    return term.canSpeak(moment, from.hand() != to.hand(), stringChanges)
        ? term.effort(moment, from, to)
        : 0;
  }

  private static List<Object> seen(MoveLook look, Placement from, Placement to, boolean crawls) {
    return look == MoveLook.FINGERS
        ? List.of(
            from.stops(),
            from.usesHand(),
            from.frame().region(),
            to.stops(),
            to.usesHand(),
            to.frame().region(),
            Integer.signum(to.hand() - from.hand()),
            crawls)
        : List.of(
            from.hand(),
            from.frame(),
            from.usesHand(),
            from.onlyTouches(),
            to.hand(),
            to.frame(),
            to.usesHand(),
            to.onlyTouches(),
            crawls);
  }
}
