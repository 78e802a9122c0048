package app.fret.files;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Names of parts as orchestras print them: common practice, no source. */
class PartNamesTest {
  @ParameterizedTest
  @CsvSource({
    "Violin I,violin",
    "Violino II,violin",
    "Violini,violin",
    "Violon,violin",
    "Violons 1,violin",
    "1. Violine,violin",
    "Geige,violin",
    "Vln. 1,violin",
    "Vl. II,violin",
    "VIOLINEN,violin",
    "Viola,viola",
    "Viole,viola",
    "Alto,viola",
    "Altos,viola",
    "Bratsche,viola",
    "Vla.,viola",
    "Violoncello,cello",
    "Violoncelli,cello",
    "Violoncelle,cello",
    "Cello,cello",
    "Celli,cello",
    "Vc.,cello",
    "Vcl. solo,cello",
    "Contrabbasso,bass",
    "Contrabass,bass",
    "Contrebasse,bass",
    "Kontrabass,bass",
    "Kontrabässe,bass",
    "Double Bass,bass",
    "Cb.,bass",
    "Bassi,bass"
  })
  void namesInFourLanguagesAreKnown(String name, String instrument) {
    assertThat(PartNames.instrumentOf(name)).contains(instrument);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Flute",
        "Bass Clarinet",
        "Clarinette basse",
        "Alto Saxophone",
        "Bass Trombone",
        "Viola da" + " gamba",
        "Oboe",
        "Part",
        "",
        "Horn in F",
        "Bass Drum",
        "Bass Voice"
      })
  void othersAreNoneOfOurs(String name) {
    assertThat(PartNames.instrumentOf(name)).isEmpty();
  }
}
