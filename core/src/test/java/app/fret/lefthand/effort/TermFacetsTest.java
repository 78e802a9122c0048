package app.fret.lefthand.effort;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.EffortTerm;
import app.fret.lefthand.effort.term.FigureTerm;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.effort.term.TurnTerm;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.lefthand.moment.Moment.Sign;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every term on four instruments against every side of a moment: a side that a term does not
 * declare must change neither its effort nor its reason, since moments alike in what is declared
 * share what was weighed.
 */
class TermFacetsTest {
  private static final List<String> INSTRUMENTS = List.of("violin", "viola", "cello", "bass");

  /** Pitches in semitones above the lowest open string: open, low, middle, thumb or high. */
  private static final int[] ABOVE_LOWEST = {0, 5, 11, 12, 14, 21, 24, 33};

  private static Player player(String instrument) {
    return Player.of("", Instruments.named(instrument));
  }

  private static List<EffortTerm> terms(String instrument) {
    return EffortTerms.of(player(instrument));
  }

  static Stream<Arguments> termsOfAllInstruments() {
    return INSTRUMENTS.stream()
        .flatMap(i -> terms(i).stream().map(term -> Arguments.of(i, term.name())));
  }

  @ParameterizedTest(name = "{1} on the {0}")
  @MethodSource("termsOfAllInstruments")
  void whatATermDoesNotDeclareDoesNotChangeWhatItSays(String instrument, String name) {
    EffortTerm term =
        terms(instrument).stream().filter(t -> t.name().equals(name)).findFirst().orElseThrow();
    List<Said> sayings = sayings(term, player(instrument));
    assertThat(sayings).isNotEmpty();
    Set<String> unseen = new TreeSet<>();
    Set<String> moving = new TreeSet<>();
    for (Moment moment : moments()) {
      Map<String, Moment> varied = variations(moment);
      varied.keySet().removeAll(declared(term.header().facets()));
      varied.put("all that is not declared", moment.only(term.header().facets()));
      unseen.addAll(varied.keySet());
      moving.addAll(moving(sayings, moment, varied));
    }
    assertThat(unseen).hasSizeGreaterThan(10);
    assertThat(moving).isEmpty();
  }

  /** The variations that change something of what is said. */
  private static Set<String> moving(
      List<Said> sayings, Moment moment, Map<String, Moment> variations) {
    List<List<Object>> plain = sayings.stream().map(s -> s.at(moment)).toList();
    Set<String> moving = new TreeSet<>();
    variations.forEach(
        (side, varied) -> {
          if (!sayings.stream().map(s -> s.at(varied)).toList().equals(plain)) {
            moving.add(side);
          }
        });
    return moving;
  }

  @Test
  void whateverATermDeclaresMattersToItOnSomeInstrument() {
    Map<String, Set<String>> idle = new LinkedHashMap<>();
    for (String instrument : INSTRUMENTS) {
      for (EffortTerm term : terms(instrument)) {
        Set<String> here = named(term.header().facets());
        List<Said> sayings = sayings(term, player(instrument));
        moments().forEach(m -> here.removeAll(moving(sayings, m, variations(m))));
        idle.merge(term.name(), here, TermFacetsTest::both);
      }
    }
    assertThat(idle).hasSizeGreaterThan(30);
    assertThat(idle).allSatisfy((term, facets) -> assertThat(facets).as(term).isEmpty());
  }

  private static Set<String> both(Set<String> one, Set<String> other) {
    Set<String> both = new TreeSet<>(one);
    both.retainAll(other);
    return both;
  }

  /** What a term says of one fixed place, move or turn at a moment. */
  private interface Said {
    List<Object> at(Moment moment);
  }

  private static List<Said> sayings(EffortTerm term, Player player) {
    List<List<Placement>> ways = ways(player);
    List<Said> sayings = new ArrayList<>();
    if (term instanceof PlaceTerm place) {
      ways.forEach(w -> w.forEach(at -> sayings.add(m -> said(place, m, at))));
    } else if (term instanceof MoveTerm move) {
      for (Placement[] pair : pairs(ways)) {
        sayings.add(m -> said(move, m, pair[0], pair[1]));
      }
    } else if (term instanceof TurnTerm turn) {
      EffortModel model = new EffortModel(player, Profiles.named("secure"));
      for (Placement[] pair : pairs(ways)) {
        Trail before = model.turnOf(pair[1], pair[0]).trail();
        Turn now = model.turnOf(pair[0], pair[1]);
        sayings.add(m -> said(turn, m, before, now));
      }
    } else if (term instanceof FigureTerm figure) {
      for (Placement[] pair : pairs(ways)) {
        sayings.add(m -> List.of(figure.effort(pair[0], pair[1], true)));
      }
    }
    return sayings;
  }

  private static List<Object> said(PlaceTerm term, Moment moment, Placement at) {
    double effort = term.effort(moment, at);
    return List.of(effort, effort == 0 ? "" : term.reason(moment, at));
  }

  private static List<Object> said(MoveTerm term, Moment moment, Placement from, Placement to) {
    boolean stringChanges =
        from.top().string() != to.top().string() || !from.isSingle() || !to.isSingle();
    boolean speaks = term.canSpeak(moment, from.hand() != to.hand(), stringChanges);
    double effort = speaks ? term.effort(moment, from, to) : 0;
    return List.of(effort, effort == 0 ? "" : term.reason(moment, from, to));
  }

  private static List<Object> said(TurnTerm term, Moment moment, Trail before, Turn now) {
    double effort = term.effort(moment, before, now);
    return List.of(effort, effort == 0 ? "" : term.reason(moment, before, now));
  }

  /** Pitches that are a wide opening apart with the thumb below half the string. */
  private static final int[] ABOVE_LOWEST_OVER_THUMB = {29, 34};

  /** Ways to take single notes all over the instrument, over the thumb, and a sixth. */
  private static List<List<Placement>> ways(Player player) {
    int lowest =
        player.instrument().strings().stream().mapToInt(s -> s.pitch().midi()).min().orElseThrow();
    Placements placements = new Placements(player);
    List<List<Placement>> ways = new ArrayList<>();
    for (int above : ABOVE_LOWEST) {
      ways.add(some(placements.of(List.of(new SoundingPitch(lowest + above)))));
    }
    for (int above : ABOVE_LOWEST_OVER_THUMB) {
      List<Placement> all = placements.of(List.of(new SoundingPitch(lowest + above)));
      ways.add(some(all.stream().filter(Placement::inThumbPosition).toList()));
    }
    ways.add(
        some(
            placements.of(
                List.of(new SoundingPitch(lowest + 12), new SoundingPitch(lowest + 21)))));
    return ways;
  }

  private static List<Placement> some(List<Placement> all) {
    int step = Math.max(1, all.size() / 6);
    List<Placement> some = new ArrayList<>();
    for (int i = 0; i < all.size(); i += step) {
      some.add(all.get(i));
    }
    return some;
  }

  private static List<Placement[]> pairs(List<List<Placement>> ways) {
    List<Placement[]> pairs = new ArrayList<>();
    for (int i = 0; i < ways.size(); i++) {
      for (Placement from : ways.get(i)) {
        for (Placement to : ways.get((i + 1) % ways.size())) {
          pairs.add(new Placement[] {from, to});
        }
        for (Placement to : ways.get(i)) {
          pairs.add(new Placement[] {from, to});
        }
      }
    }
    return pairs;
  }

  private static List<Moment> moments() {
    WrittenPitch[] pitches = {WrittenPitch.parse("C#4"), WrittenPitch.parse("A4")};
    return List.of(
        Moment.of(0.12, pitches),
        Moment.of(0.12, pitches).withLoudness(9),
        Moment.of(1.4, pitches).with(Sign.IN_SLUR).with(Sign.SLURRED),
        Moment.of(0.3, pitches).withOwnString(2),
        Moment.of(0.3, pitches).with(Sign.RETURNS).with(Sign.IN_SLUR),
        Moment.of(0.3, pitches).with(Sign.CHROMATIC));
  }

  /** The moment with one side after another turned; the key names the side. */
  private static Map<String, Moment> variations(Moment m) {
    Map<String, Moment> varied = new LinkedHashMap<>();
    varied.put("LENGTH", with(m, m.lengthSeconds() + 0.9, m.previousSeconds(), 0));
    varied.put("PREVIOUS", with(m, m.lengthSeconds(), m.previousSeconds() / 2.5, 0));
    varied.put("SILENCE", m.withSilence(0.2));
    varied.put("LEVEL", m.withLoudness(m.loudness() - 0.6));
    if (m.isLoud()) {
      varied.put("LOUD", m.withLoudness(6));
    } else {
      varied.put("SOFT", m.withLoudness(3));
      varied.put("LOUD", m.withLoudness(9));
    }
    varied.put("PITCHES", pitches(m, "Db4", "G#4"));
    varied.put("PRINTED", printed(m));
    varied.put("OWN_STRING", m.withOwnString(m.ownString() == 3 ? 2 : 3));
    varied.put("CHORD", m.withChordStep(m.chordStep() == 1 ? -1 : 1));
    varied.put("THUMB", m.withThumbBase(m.thumbBase() == 15 ? 12 : 15));
    for (Sign sign : Sign.values()) {
      boolean has = m.is(sign);
      varied.put(sign.name(), has ? without(m, sign) : m.with(sign));
    }
    return varied;
  }

  /** Names of the declared sides; who looks at the exact level also sees whether it is soft. */
  private static Set<String> declared(Facets facets) {
    Set<String> names = named(facets);
    if (names.contains("LEVEL")) {
      names.addAll(List.of("SOFT", "LOUD"));
    }
    return names;
  }

  private static Set<String> named(Facets facets) {
    Set<String> names = new TreeSet<>();
    for (Facet facet : Facet.values()) {
      if (facets.contain(facet)) {
        names.add(facet.name());
      }
    }
    for (Sign sign : Sign.values()) {
      if (facets.contain(sign)) {
        names.add(sign.name());
      }
    }
    return names;
  }

  private static Moment with(Moment m, double length, double previous, double silence) {
    return new Moment(
        length,
        previous,
        silence,
        m.loudness(),
        m.signs(),
        m.pitches(),
        m.printed(),
        m.ownString(),
        m.chordStep(),
        m.thumbBase());
  }

  private static Moment pitches(Moment m, String... names) {
    return new Moment(
        m.lengthSeconds(),
        m.previousSeconds(),
        m.silenceSeconds(),
        m.loudness(),
        m.signs(),
        Stream.of(names).map(WrittenPitch::parse).toList(),
        m.printed(),
        m.ownString(),
        m.chordStep(),
        m.thumbBase());
  }

  private static Moment printed(Moment m) {
    Moment.Printed printed = new Moment.Printed(Optional.of(Finger.THIRD), OptionalInt.of(3));
    return new Moment(
        m.lengthSeconds(),
        m.previousSeconds(),
        m.silenceSeconds(),
        m.loudness(),
        m.signs(),
        m.pitches(),
        List.of(printed, printed),
        m.ownString(),
        m.chordStep(),
        m.thumbBase());
  }

  private static Moment without(Moment m, Sign gone) {
    Moment.Signs left = Moment.Signs.NONE;
    for (Sign sign : Sign.values()) {
      left = sign != gone && m.is(sign) ? left.with(sign) : left;
    }
    return new Moment(
        m.lengthSeconds(),
        m.previousSeconds(),
        m.silenceSeconds(),
        m.loudness(),
        left,
        m.pitches(),
        m.printed(),
        m.ownString(),
        m.chordStep(),
        m.thumbBase());
  }
}
