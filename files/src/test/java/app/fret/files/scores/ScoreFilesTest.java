package app.fret.files.scores;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.testing.Music;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ScoreFilesTest {
  private static final String TWO_TUNES =
      "% made up\nX:1\nT:First\nM:4/4\nL:1/4\nK:G\nGABc|\n\nX:2\nT:Second\nM:3/4\nL:1/4\nK:C\nGAB|\n";

  private static Score open(String name, String text) throws ScoreRejectedException {
    return new ScoreFiles().open(name, text.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void theContentSaysWhichFormatItIs() throws ScoreRejectedException, IOException {
    assertThat(open("tune", TWO_TUNES).partNames()).containsExactly("First", "Second");
    ByteArrayOutputStream xml = new ByteArrayOutputStream();
    new MusicXmlWriter().write(Music.passage("D5/1"), xml);
    assertThat(new ScoreFiles().open("score.abc.xml", xml.toByteArray()).partNames())
        .containsExactly("Part");
  }

  @Test
  void eachTuneIsAPart() throws ScoreRejectedException {
    Score score = open("tunes.abc", TWO_TUNES);
    assertThat(score.title()).isEqualTo("First");
    assertThat(score.read(1).passage().events()).hasSize(3);
    assertThat(score.read(1).passage().title()).isEqualTo("Second");
    assertThat(score.partOf("second")).isEqualTo(1);
  }

  @Test
  void aFaultNamesFileTuneBarAndLine() throws ScoreRejectedException {
    Score score = open("tunes.abc", TWO_TUNES.replace("GABc", "GABc|[GA"));
    assertThatThrownBy(() -> score.read(0))
        .isInstanceOf(ScoreRejectedException.class)
        .hasMessageStartingWith("tunes.abc, First, bar 2: line 6: the chord is not closed");
  }

  @Test
  void lineEndsOfAllSystemsAreTheSame() throws ScoreRejectedException {
    Score score = open("tunes.abc", TWO_TUNES.replace("\n", "\r\n"));
    assertThat(score.read(0).passage().events()).hasSize(4);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "no music", "\u0000\u0001", "X:", "{{{{", "[[[[", "|||||:::", "\"\"\""})
  void whatIsNoScoreGetsASentence(String text) {
    for (String name : new String[] {"x.abc", "x.xml"}) {
      assertThatThrownBy(() -> open(name, text).read(0))
          .isInstanceOf(ScoreRejectedException.class)
          .hasMessageStartingWith(name);
    }
  }
}
