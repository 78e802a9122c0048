package app.fret.files.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.practice.schedule.Item;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.ProgrammeItem;
import app.fret.study.ProgrammeItem.HardPlaces;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeptPlacesTest {
  private static final byte[] SCORE = "a score".getBytes(StandardCharsets.UTF_8);
  private static final List<String> OPTIONS = List.of("--instrument", "violin");
  private static final HardPlaces PLACES = new HardPlaces(12.5, 3.25, "bars 1 to 2", List.of());

  @TempDir Path folder;

  private KeptPlaces kept() {
    return new KeptPlaces(folder.resolve("kept"), "build 1");
  }

  /** Figures, words and maps come back as they were: the days are the same to the second. */
  @Test
  void anItemFromWhatWasKeptIsTheItemThatWasPlanned() throws Exception {
    Study study =
        Study.of(
            Music.passage(
                "E5/16 F5/16 G5/16 A5/16 B5/16 C6/16 D6/16 E6/16 C6/16 A5/16 F5/16 D5/16 B4/16 G4/16"
                    + " E4/16 C4/16 | (G3/8 E5/8) C6/4 A4/2"),
            Player.of("Oda Merrin", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 104)));
    Optional<LocalDate> due = Optional.of(LocalDate.of(2026, 12, 20));
    Item planned = ProgrammeItem.of("run", "Run", study, due);
    assertThat(planned.spots()).isNotEmpty();

    String key = kept().key(SCORE, OPTIONS);
    kept().keep(key, ProgrammeItem.hardPlaces(study));
    HardPlaces found = kept().find(key).orElseThrow();

    assertThat(ProgrammeItem.of("run", "Run", study.choices(), found, due)).isEqualTo(planned);
  }

  @Test
  void anotherScoreOtherOptionsAndAnotherBuildFindNothing() {
    String key = kept().key(SCORE, OPTIONS);
    kept().keep(key, PLACES);

    assertThat(kept().find(key)).contains(PLACES);
    assertThat(kept().find(kept().key("a scorf".getBytes(StandardCharsets.UTF_8), OPTIONS)))
        .isEmpty();
    assertThat(kept().find(kept().key(SCORE, List.of("--instrument", "viola")))).isEmpty();
    assertThat(kept().find(new KeptPlaces(folder, "build 2").key(SCORE, OPTIONS))).isEmpty();
  }

  @Test
  void aDamagedFileIsAsIfNothingHadBeenKept() throws IOException {
    String key = kept().key(SCORE, OPTIONS);
    kept().keep(key, PLACES);
    try (Stream<Path> files = Files.list(folder.resolve("kept"))) {
      Files.writeString(files.findFirst().orElseThrow(), "{\"passSeconds\": 1");
    }

    assertThat(kept().find(key)).isEmpty();
  }

  @Test
  void aFolderThatCannotBeMadeStopsNobody() throws IOException {
    Path file = Files.writeString(folder.resolve("file"), "no folder");
    KeptPlaces nowhere = new KeptPlaces(file.resolve("kept"), "build 1");
    String key = nowhere.key(SCORE, OPTIONS);

    nowhere.keep(key, PLACES);

    assertThat(nowhere.find(key)).isEmpty();
  }

  @Test
  void theOldestAreForgottenAndTheAskedOnesStay() throws IOException {
    String first = kept().key(SCORE, List.of("0"));
    kept().keep(first, PLACES);
    for (int i = 1; i < 500; i++) {
      Path file = folder.resolve("kept").resolve(i + ".places.json");
      Files.writeString(file, "{}");
      Files.setLastModifiedTime(file, FileTime.fromMillis(i * 1000L));
    }
    assertThat(kept().find(first)).isPresent();
    kept().keep(kept().key(SCORE, List.of("500")), PLACES);

    assertThat(kept().find(first)).isPresent();
    assertThat(folder.resolve("kept").resolve("1.places.json")).doesNotExist();
    assertThat(folder.resolve("kept").resolve("2.places.json")).exists();
  }
}
