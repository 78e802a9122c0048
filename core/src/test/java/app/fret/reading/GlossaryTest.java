package app.fret.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.reading.Glossary.Way;
import app.fret.score.Directions;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Meanings are common practice, no source. */
class GlossaryTest {
  private static List<Glossary.Found> found(String text) {
    return Glossary.of(List.of(new Directions.Words(Fraction.ZERO, text, true)));
  }

  @Test
  void atLeastThreeHundredWordsOfThreeLanguagesAreKnown() {
    assertThat(Glossary.size()).isGreaterThan(300);
    for (String word : new String[] {"sostenuto", "très", "lebhaft"}) {
      assertThat(Glossary.lookUp(word)).isPresent();
    }
  }

  @ParameterizedTest
  @CsvSource({
    "rall.,SLOWER",
    "Stringendo,FASTER",
    "a tempo,BACK",
    "Presto,FAST",
    "Largo,SLOW",
    "sotto voce,SOFT",
    "cresc.,LOUDER",
    "morendo,SOFTER",
    "cédez,SLOWER",
    "drängend,FASTER",
    "senza misura,FREE",
    "meno mosso,SLOWER",
    "zurückhaltend,SLOWER",
    "più mosso,FASTER",
    "legato,NONE"
  })
  void aWordSaysWhichWayItTakesTheMusic(String word, Way way) {
    assertThat(found(word)).hasSize(1);
    assertThat(found(word).get(0).entry().orElseThrow().way()).isEqualTo(way);
  }

  @Test
  void phrasesGoBeforeTheirWords() {
    assertThat(found("poco a poco cresc. e stringendo"))
        .extracting(Glossary.Found::text)
        .containsExactly("poco a poco", "cresc", "e", "stringendo");
    assertThat(found("l'istesso tempo")).hasSize(1);
    assertThat(found("Sehr langsam (♩ = 40)"))
        .extracting(Glossary.Found::text)
        .containsExactly("Sehr", "langsam");
  }

  @Test
  void whatIsNotKnownIsFoundWithoutAMeaning() {
    assertThat(found("molto zoppo"))
        .extracting(f -> f.entry().isPresent())
        .containsExactly(true, false);
    assertThat(found("IV")).isEmpty();
    assertThat(found("116")).isEmpty();
  }
}
