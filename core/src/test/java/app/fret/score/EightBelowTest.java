package app.fret.score;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Range;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The open strings of a double bass sound E1 A1 D2 G2 (common practice). */
class EightBelowTest {
  private static final Clef EIGHT_BELOW = new Clef(Clef.Sign.F, 4, -1);

  private static Passage part(Clef clef) {
    PassageBuilder builder = new PassageBuilder().title("T").part("Double Bass");
    Passage music = Music.passage("E1/4 A1/4 D2/4 G2/4");
    Bar bar = music.bars().get(0);
    Bar under =
        new Bar(
            bar.label(),
            bar.uncounted(),
            bar.onset(),
            bar.length(),
            bar.metre(),
            bar.key(),
            List.of(new Bar.ClefAt(bar.onset(), clef)),
            bar.edges());
    return builder.bar(under, music.events()).build();
  }

  @Test
  void theClefIsBelievedSoThatTheOpenStringsAreInReach() throws OutOfRangeException {
    Passage settled = EightBelow.settled(part(EIGHT_BELOW));
    assertThat(settled.transposition()).contains(new Transposition(0));
    assertThat(EightBelow.isOpen(settled)).isTrue();
    Range.of(Instruments.named("bass")).require(settled);
  }

  @Test
  void anOctaveLowerIsAnsweredOnce() {
    Passage lower = EightBelow.octaveLower(EightBelow.settled(part(EIGHT_BELOW)));
    assertThat(lower.transposition()).contains(new Transposition(-12));
    assertThat(EightBelow.isOpen(lower)).isFalse();
  }

  @Test
  void underAPlainBassClefNothingIsOpen() {
    Passage plain = EightBelow.settled(part(Clef.BASS));
    assertThat(plain.transposition()).isEqualTo(Optional.empty());
    assertThat(EightBelow.isOpen(plain)).isFalse();
  }
}
