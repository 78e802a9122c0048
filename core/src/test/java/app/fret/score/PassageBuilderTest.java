package app.fret.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

class PassageBuilderTest {
  private static final WrittenLength HALF = WrittenLength.of(NoteValue.HALF);
  private static final WrittenPitch D5 = WrittenPitch.parse("D5");

  @Test
  void barsFollowEachOtherAndAreAsLongAsTheirEvents() {
    Passage passage =
        new PassageBuilder()
            .title("T")
            .part("P")
            .bar()
            .note(HALF, D5)
            .uncounted()
            .bar()
            .note(HALF, D5)
            .rest(HALF)
            .slur(0, 1)
            .build();
    assertThat(passage.bars()).extracting(Bar::label).containsExactly("1", "2");
    assertThat(passage.bars()).extracting(Bar::uncounted).containsExactly(true, false);
    assertThat(passage.bars().get(1).onset()).isEqualTo(Fraction.of(1, 2));
    assertThat(passage.length()).isEqualTo(Fraction.of(3, 2));
    assertThat(passage.events()).extracting(Event::bar).containsExactly(0, 1, 1);
    assertThat(passage.slurs()).containsExactly(new Span(0, 1));
  }

  @Test
  void aMetreOrKeySetInABarHoldsFromTheNext() {
    Passage passage =
        new PassageBuilder()
            .bar()
            .note(HALF, D5)
            .metre(Metre.of(3, 4))
            .key(new Key(2))
            .rest(HALF)
            .bar()
            .restForWholeBar()
            .build();
    assertThat(passage.bars())
        .extracting(Bar::metre)
        .containsExactly(Metre.of(4, 4), Metre.of(3, 4));
    assertThat(passage.bars()).extracting(Bar::key).containsExactly(new Key(0), new Key(2));
  }

  @Test
  void metreKeyAndClefHoldUntilOthersAreSet() {
    Passage passage =
        new PassageBuilder()
            .metre(Metre.of(3, 4))
            .key(new Key(-2))
            .clef(Clef.TENOR)
            .bar()
            .restForWholeBar()
            .bar()
            .note(HALF, D5)
            .clef(Clef.BASS)
            .note(HALF, D5)
            .bar()
            .restForWholeBar()
            .build();
    assertThat(passage.bars()).allMatch(b -> b.key().fifths() == -2);
    assertThat(passage.bars().get(0).length()).isEqualTo(Fraction.of(3, 4));
    assertThat(passage.bars().get(1).clefs())
        .extracting(Bar.ClefAt::clef)
        .containsExactly(Clef.TENOR, Clef.BASS);
    assertThat(passage.bars().get(2).clefs())
        .extracting(Bar.ClefAt::clef)
        .containsExactly(Clef.BASS);
  }

  @Test
  void aWholeBarMustBeginWhereTheLastOneEnds() {
    Passage made = new PassageBuilder().bar().note(HALF, D5).build();
    Bar first = made.bars().get(0);
    assertThat(new PassageBuilder().bar(first, made.events()).build()).isEqualTo(made);
    PassageBuilder begun = new PassageBuilder().bar().note(HALF, D5);
    assertThatThrownBy(() -> begun.bar(first, List.of()))
        .hasMessage("bar 1 begins at 0, not at 1 / 2");
  }

  @Test
  void whatIsSaidOfABarNeedsOne() {
    assertThatThrownBy(() -> new PassageBuilder().uncounted())
        .isInstanceOf(IllegalStateException.class);
    assertThatThrownBy(() -> new PassageBuilder().build())
        .hasMessage("a passage needs at least one bar");
  }

  @Test
  void aGapIsFilledLongestFirst() {
    assertThat(WrittenLength.filling(Fraction.of(5, 8)))
        .containsExactly(HALF, WrittenLength.of(NoteValue.EIGHTH));
    assertThat(WrittenLength.filling(Fraction.of(7, 8)))
        .containsExactly(WrittenLength.of(NoteValue.HALF, 2));
    assertThat(WrittenLength.filling(Fraction.ZERO)).isEmpty();
  }
}
