package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.advice.TrillFinger;
import app.fret.lefthand.effort.Profiles;
import app.fret.reading.Reading;
import app.fret.reading.TrillNotes;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The upper note of a trill, and the finger that reaches it (common practice, no source). */
class TrillIntervalTest {
  private static Passage trilled(Passage passage, int event) {
    List<Event> events = new ArrayList<>(passage.events());
    Sounding note = (Sounding) events.get(event);
    events.set(event, note.withMarks(note.marks().toggled(Marks.Ornament.TRILL)));
    return passage.withEvents(events);
  }

  @ParameterizedTest
  @CsvSource({
    "0, E5/2 F5/2, 0, F5", // the key has a half step there
    "2, E5/2 D5/2, 0, F#5", // the key has a whole step there
    "0, F#5/4 G5/4 E5/2, 2, F#5", // an accidental before it in the bar holds
    "0, E5/2 F#5/2, 0, F#5", // what comes behind it in the bar tells
    "-1, A4/2 G4/2, 0, Bb4",
    "0, E5/1 | F#5/1, 0, F5", // the next bar is another
  })
  void keyAndAccidentalsOfTheBarSayTheUpperNote(int fifths, String music, int note, String upper) {
    Passage passage = Music.passage(Metre.of(4, 4), fifths, Clef.TREBLE, music);
    assertThat(TrillNotes.upper(Reading.of(passage), note)).hasToString(upper);
  }

  private static TrillFinger planned(String instrument, String profile, Passage passage)
      throws Exception {
    Player player = Player.of("", Instruments.named(instrument));
    TempoMap tempos = TempoMap.constant(new Tempo(BeatUnit.QUARTER, 60));
    Brief brief = Brief.of(passage, player, tempos);
    return new LeftHandPlanner(player, Profiles.named(profile))
        .plan(brief, List.of())
        .advice()
        .trills()
        .get(0);
  }

  /** In every profile and on every instrument a finger of the hand reaches the upper note. */
  @ParameterizedTest
  @CsvSource({
    "violin, E5/4 F5/4 G5/2",
    "violin, A4/4 B4/4 C#5/2",
    "viola, D4/4 E4/4 F#4/2",
    "cello, D3/4 E3/4 F3/2",
    "cello, G2/4 A2/4 B2/2",
    "bass, E2/4 F2/4 G2/2",
    "bass, A2/4 B2/4 C3/2",
  })
  void aFingerOfTheHandReachesTheUpperNote(String instrument, String music) throws Exception {
    for (String profile : Profiles.NAMES) {
      TrillFinger trill = planned(instrument, profile, trilled(Music.passage(music), 2));
      assertThat(trill.finger()).as(profile).isPresent();
    }
  }

  @Test
  void aLongTrillIsWarnedOfAndAShortOneIsNot() throws Exception {
    assertThat(planned("violin", "secure", trilled(Music.passage("B4/1"), 0)).isLong()).isTrue();
    assertThat(planned("violin", "secure", trilled(Music.passage("B4/8 C5/2"), 0)).isLong())
        .isFalse();
  }
}
