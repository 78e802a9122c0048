package app.fret.files.musicxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.files.ScoreRejectedException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HostileFilesTest {
  private static final String CONTAINER =
      "<container><rootfiles><rootfile full-path=\"score.xml\"/></rootfiles></container>";

  private static void refused(byte[] bytes, String reason) {
    assertThatThrownBy(() -> new MusicXmlReader().open("bad.musicxml", bytes))
        .isInstanceOf(ScoreRejectedException.class)
        .hasMessageStartingWith("bad.musicxml: ")
        .hasMessageContaining(reason);
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void thePublicDocumentTypeIsAcceptedWithoutFetchingIt() throws ScoreRejectedException {
    byte[] score =
        Xml.bytes(
            Xml.DOCTYPE,
            Xml.part("P1", Xml.head(4, 4) + Xml.whole("C")),
            "<score-part id=\"P1\"><part-name>Violin</part-name></score-part>");
    assertThat(new MusicXmlReader().open("good.musicxml", score).read(0).passage().bars())
        .hasSize(1);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<!DOCTYPE score-partwise [<!ENTITY a \"b\">]>",
        "<!DOCTYPE score-partwise [<!ELEMENT score-partwise ANY>]>",
        "<!DOCTYPE score-partwise [<!-- hidden -->]>",
        "<!DOCTYPE score-partwise [<!ENTITY a SYSTEM \"file:///etc/hostname\">]>",
        "<!DOCTYPE score-partwise [<!ATTLIST score-partwise version CDATA #IMPLIED>]>"
      })
  void anInternalDocumentTypeIsRefused(String type) {
    refused(
        bytes(type + "<score-partwise><part-list/></score-partwise>"),
        "declares elements or entities of its own");
  }

  @Test
  void anEntityBombIsRefusedBeforeItGoesOff() {
    StringBuilder bomb = new StringBuilder("<!DOCTYPE score-partwise [<!ENTITY a0 \"ha\">");
    for (int i = 1; i < 30; i++) {
      bomb.append("<!ENTITY a")
          .append(i)
          .append(" \"&a")
          .append(i - 1)
          .append(";&a")
          .append(i - 1)
          .append(";\">");
    }
    bomb.append("]><score-partwise>&a29;</score-partwise>");
    refused(bytes(bomb.toString()), "of its own");
  }

  @Test
  void aForeignDocumentTypeIsRefused() {
    refused(
        bytes("<!DOCTYPE html PUBLIC \"-//W3C//DTD XHTML 1.0//EN\" \"x\"><html/>"),
        "document type is not MusicXML's");
  }

  @Test
  void nestingIsAllowedToTheLimitAndNotBeyond() {
    String open = "<score-partwise>" + "<x>".repeat(255);
    String close = "</x>".repeat(255) + "</score-partwise>";
    assertThatThrownBy(() -> new MusicXmlReader().open("deep.xml", bytes(open + close)))
        .hasMessageContaining("it holds no part");
    refused(bytes(open + "<x>" + "</x>" + close), "nested deeper than 256");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "not xml at all",
        "<score-partwise><part-list>",
        "<html/>",
        "<score-timewise/>"
      })
  void whatIsNoScoreIsRefusedWithAReason(String text) {
    assertThatThrownBy(() -> new MusicXmlReader().open("bad.xml", bytes(text)))
        .isInstanceOf(ScoreRejectedException.class)
        .hasMessageStartingWith("bad.xml: it is");
  }

  @Test
  void aFileOverTheLimitIsNotRead(@TempDir Path folder) throws IOException {
    Path large = folder.resolve("large.musicxml");
    try (RandomAccessFile file = new RandomAccessFile(large.toFile(), "rw")) {
      file.setLength(Limits.BYTES + 1);
    }
    assertThatThrownBy(() -> new MusicXmlReader().open(large))
        .hasMessageContaining("larger than 64 MB");
  }

  @Test
  void aMissingFileIsSaidToBeMissing(@TempDir Path folder) {
    assertThatThrownBy(() -> new MusicXmlReader().open(folder.resolve("none.mxl")))
        .hasMessage("none.mxl: there is no such file");
  }

  private static byte[] zip(String... namesAndTexts) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (int i = 0; i < namesAndTexts.length; i += 2) {
        zip.putNextEntry(new ZipEntry(namesAndTexts[i]));
        zip.write(bytes(namesAndTexts[i + 1]));
        zip.closeEntry();
      }
    }
    return out.toByteArray();
  }

  private static String plainScore() {
    return new String(Xml.score(Xml.head(4, 4) + Xml.whole("C")), StandardCharsets.UTF_8);
  }

  @Test
  void aZippedScoreIsReadThroughItsContainer() throws IOException, ScoreRejectedException {
    byte[] archive = zip("META-INF/container.xml", CONTAINER, "score.xml", plainScore());
    assertThat(new MusicXmlReader().open("a.mxl", archive).read(0).passage().bars()).hasSize(1);
  }

  @Test
  void aZippedScoreWithoutContainerIsFoundByItsEnding() throws IOException, ScoreRejectedException {
    byte[] archive = zip("music.musicxml", plainScore());
    assertThat(new MusicXmlReader().open("a.mxl", archive).partNames()).containsExactly("Violin");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "../evil.xml",
        "/etc/evil.xml",
        "a/../../evil.xml",
        "C:\\evil.xml",
        "..\\evil.xml"
      })
  void archivesThatNamePathsOutsideAreRefused(String name) throws IOException {
    refused(zip(name, plainScore()), "names a path outside itself");
  }

  @Test
  void anArchiveThatUnzipsTooLargeIsRefused() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("score.xml"));
      byte[] block = new byte[1 << 20];
      for (int i = 0; i < 65; i++) {
        zip.write(block);
      }
      zip.closeEntry();
    }
    refused(out.toByteArray(), "unzips to more than 64 MB");
  }

  @Test
  void anArchiveWithoutAScoreOrWithTooManyFilesIsRefused() throws IOException {
    refused(zip("readme.txt", "hello"), "holds no score");
    refused(zip("META-INF/container.xml", CONTAINER), "does not hold it");
    String[] many = new String[2 * (Limits.ARCHIVE_ENTRIES + 1)];
    for (int i = 0; i < many.length; i += 2) {
      many[i] = "f" + i;
      many[i + 1] = "x";
    }
    refused(zip(many), "more than 1000 files");
  }

  @Test
  void aTornArchiveIsCalledDamaged() throws IOException {
    byte[] whole = zip("score.xml", plainScore().repeat(50));
    byte[] torn = java.util.Arrays.copyOf(whole, whole.length / 3);
    refused(torn, "damaged");
  }

  @Test
  void aForeignNameSpaceIsNamedAsTheReason() {
    refused(
        bytes("<score-partwise xmlns=\"urn:m\"><part-list/></score-partwise>"),
        "its elements belong to the name space 'urn:m', and MusicXML has none");
  }

  @Test
  void anArchiveWithTwoFilesOfOneNameIsRefused() throws IOException {
    byte[] archive = zip("score-a.xml", plainScore(), "score-b.xml", plainScore());
    String text = new String(archive, StandardCharsets.ISO_8859_1);
    refused(
        text.replace("score-b.xml", "score-a.xml").getBytes(StandardCharsets.ISO_8859_1),
        "holds two files named 'score-a.xml'");
  }

  @Test
  void aLockedArchiveAndAnUnusuallyPackedOneAreNamedAsSuch() throws IOException {
    byte[] locked = zip("score.xml", plainScore());
    locked[6] |= 1;
    refused(locked, "locked with a password");
    byte[] unusual = zip("score.xml", plainScore());
    unusual[8] = 14;
    refused(unusual, "packed in an unusual way");
  }

  @Test
  void resourceForksAreNoScores() throws IOException, ScoreRejectedException {
    byte[] archive = zip("__MACOSX/._score.xml", "fork", "score.xml", plainScore());
    assertThat(new MusicXmlReader().open("a.mxl", archive).partNames()).containsExactly("Violin");
  }

  @Test
  void otherWaysOfPackingAreNamed() {
    refused(new byte[] {0x1f, (byte) 0x8b, 8, 0, 0}, "it is packed as gzip; unpack it");
    refused(bytes("Rar!123"), "it is packed as RAR");
  }

  @Test
  void whatSteersATerminalOrTurnsTextNeverReachesAMessage() {
    String name = "bad\u001b[31m\u202e.xml";
    String label = "7\u202e\u2066\u0085";
    String bar =
        "<measure number=\""
            + label
            + "\"><attributes><time><beats>\u202ex</beats></time>"
            + "</attributes></measure>";
    String score = "<score-partwise><part id=\"P\">" + bar + "</part></score-partwise>";
    assertThatThrownBy(() -> new MusicXmlReader().open(name, bytes(score)).read(0))
        .hasMessage("bad[31m.xml, part 1, bar 7: its metre has the figure 'x'");
  }

  @Test
  void foldersAndEmptyNamesGetPlainWords(@TempDir Path folder) {
    assertThatThrownBy(() -> new MusicXmlReader().open(folder))
        .hasMessageEndingWith("it is a folder; name a score in it");
    assertThatThrownBy(() -> new MusicXmlReader().open(Path.of("")))
        .hasMessageContaining("the name of the file is empty");
  }

  @Test
  void moreElementsThanAnyScoreHasAreRefused() {
    refused(
        bytes("<score-partwise>" + "<a/>".repeat(Limits.ELEMENTS) + "</score-partwise>"),
        "more than 4000000 elements");
  }
}
