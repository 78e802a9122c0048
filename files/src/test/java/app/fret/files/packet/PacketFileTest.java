package app.fret.files.packet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.instrument.Habits;
import app.fret.instrument.PlayerSetup;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Learner;
import app.fret.practice.trial.Way;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Packets written and read back, and files that are none. */
class PacketFileTest {
  private static final Tempo TARGET = new Tempo(BeatUnit.QUARTER, 96);
  private byte[] score;

  @BeforeEach
  void writeScore() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new MusicXmlWriter().write(Music.passage("A4/4 B4/4 C5/4 D5/4 | E5/1"), out);
    score = out.toByteArray();
  }

  private Packet packet(String fileName, int lastBar) {
    PlayerSetup setup =
        new PlayerSetup(
            "violin",
            152.5,
            326,
            442,
            Optional.empty(),
            Optional.of(List.of("E5", "A4", "D4", "G3")),
            Optional.empty(),
            Habits.USUAL);
    Packet.Pass pass =
        new Packet.Pass(
            Instant.parse("2026-11-24T17:00:00.25Z"),
            TARGET,
            OptionalDouble.empty(),
            false,
            CardKind.DRILL,
            true,
            Optional.of("2:1"),
            true,
            true,
            3,
            Optional.of("thumb tight, \u266D missed"),
            Optional.of(Way.B));
    Packet.Part part =
        new Packet.Part(
            "Grey Ferry",
            fileName,
            score,
            Optional.empty(),
            0,
            0,
            lastBar,
            TARGET,
            Optional.of(LocalDate.of(2027, 1, 25)),
            List.of(
                new Packet.Row("bow", "1@0/1 A4", 1, "down"), new Packet.Row("new", "x", 9, "")),
            List.of(pass));
    Learner learner =
        new Learner(50, Set.of(DayOfWeek.SUNDAY), 3, Learner.Stance.AS_MANY_READY_AS_POSSIBLE);
    Packet.Other other =
        new Packet.Other(
            "listening",
            "Two recordings",
            8,
            OptionalDouble.of(92),
            "slurs by the bar",
            "little",
            "to the top",
            List.of(LocalDate.of(2026, 11, 20)));
    return new Packet("Oda Merrin", setup, learner, List.of(part), List.of(other));
  }

  private static byte[] written(Packet packet) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PacketWriter.write(packet, out);
    return out.toByteArray();
  }

  private static byte[] zip(String name, String text) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry(name));
      zip.write(text.replace('\'', '"').getBytes(StandardCharsets.UTF_8));
      zip.closeEntry();
    }
    return out.toByteArray();
  }

  @Test
  void allOfItComesBack() throws Exception {
    Packet packet = packet("grey-ferry.musicxml", 1);
    Packet read = PacketReader.read("oda.fretpacket", written(packet));
    assertThat(read).usingRecursiveComparison().isEqualTo(packet);
  }

  @Test
  void theSamePacketIsTheSameFile() throws Exception {
    Packet packet = packet("grey-ferry.musicxml", 1);
    assertThat(written(packet)).isEqualTo(written(packet));
  }

  @Test
  void aNameFromOutsideIsNeverAPath() throws Exception {
    assertThat(PacketWriter.scoreName(0, "../../evil/../x.mu/sicxml"))
        .isEqualTo("music/1.musicxml");
  }

  @Test
  void barsThatAreNotInTheMusicAreRefused() throws Exception {
    byte[] file = written(packet("grey-ferry.musicxml", 7));
    assertThatThrownBy(() -> PacketReader.read("oda.fretpacket", file))
        .isInstanceOf(PacketRejectedException.class)
        .hasMessage("oda.fretpacket: the bars of Grey Ferry are not in its music");
  }

  @Test
  void musicThatCannotBeOpenedIsNamed() throws Exception {
    score = "no music".getBytes(StandardCharsets.UTF_8);
    byte[] file = written(packet("grey-ferry.musicxml", 1));
    assertThatThrownBy(() -> PacketReader.read("oda.fretpacket", file))
        .isInstanceOf(PacketRejectedException.class)
        .hasMessageContaining("grey-ferry.musicxml");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "other.json|{}|it is no packet of Fret",
        "packet.json|{}|it is no packet of Fret",
        "packet.json|{'format'|its description cannot be read",
        "packet.json|{'format':'fret-packet','version':2}|newer Fret",
        "packet.json|{'format':'fret-packet','version':1,'player':{}}|is missing",
        "packet.json|{'format':'fret-packet','version':1,'player':{'name':'A','instrument':'violin',"
            + "'reach':'SOMEHOW'}}|which this Fret does not know",
      })
  void whatIsNoPacketIsSaidSo(String entry, String text, String words) throws Exception {
    byte[] file = zip(entry, text);
    assertThatThrownBy(() -> PacketReader.read("oda.fretpacket", file))
        .isInstanceOf(PacketRejectedException.class)
        .hasMessageStartingWith("oda.fretpacket: ")
        .hasMessageContaining(words);
  }

  @Test
  void bytesOfAnotherKindAreNoPacket() {
    assertThatThrownBy(() -> PacketReader.read("x", new byte[] {1, 2, 3}))
        .isInstanceOf(PacketRejectedException.class);
  }
}
