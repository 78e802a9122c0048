package app.fret.files.packet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.instrument.Habits;
import app.fret.instrument.PlayerSetup;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.FixedCard;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.schedule.Round;
import app.fret.practice.trial.Way;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
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
            72.5,
            326,
            442,
            Optional.empty(),
            Optional.of(List.of("E5", "A4", "D4", "G3")),
            Optional.empty(),
            Habits.USUAL.withHalfSteps(Habits.HalfSteps.SLIDES));
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
            Optional.of(Way.B),
            List.of(
                new Miss(Optional.of("2:1"), MissKind.LOW),
                new Miss(Optional.empty(), MissKind.MEMORY)));
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
            List.of(pass),
            Set.of(Instant.parse("2026-11-23T17:00:00Z")),
            List.of(
                new Packet.Note(
                    Instant.parse("2026-11-22T17:00:00Z"),
                    "jury",
                    Optional.of("2"),
                    "lighter",
                    Optional.of("lesson.mp4"),
                    754)),
            List.of(new PutBack(Optional.of("2"), LocalDate.of(2026, 11, 20))));
    Learner learner =
        new Learner(
            50,
            Set.of(DayOfWeek.SUNDAY),
            3,
            Learner.Stance.AS_MANY_READY_AS_POSSIBLE,
            Map.of(DayOfWeek.SATURDAY, 90),
            List.of(
                new FixedCard(
                    DayOfWeek.MONDAY,
                    Packet.PASSAGE + 0,
                    CardKind.DRILL,
                    5,
                    OptionalDouble.of(60),
                    Optional.of("guide-slide"),
                    Optional.of("2:1"),
                    "slowly")));
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
    Round round = new Round("first round", LocalDate.of(2027, 1, 25), List.of(Packet.PASSAGE + 0));
    return new Packet("Oda Merrin", setup, learner, List.of(part), List.of(other), List.of(round));
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
        "packet.json|{'format':'fret-packet','version':1,'player':{'name':7}}|which is no text",
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

  /** The packet with something else in its description. */
  private byte[] changed(String from, String to) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipInputStream in =
            new ZipInputStream(
                new ByteArrayInputStream(written(packet("grey-ferry.musicxml", 1))));
        ZipOutputStream zip = new ZipOutputStream(out)) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        byte[] bytes = in.readAllBytes();
        if (entry.getName().equals("packet.json")) {
          String text = new String(bytes, StandardCharsets.UTF_8);
          assertThat(text).contains(from);
          bytes = text.replace(from, to).getBytes(StandardCharsets.UTF_8);
        }
        zip.putNextEntry(new ZipEntry(entry.getName()));
        zip.write(bytes);
        zip.closeEntry();
      }
    }
    return out.toByteArray();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"violin\"|\"theremin\"|no instrument 'theremin'; use violin, viola, cello or bass",
        "\"1/4\"|\"1/0\"|its field 'length' says '1/0', which makes no sense",
        "\"1/4\"|\"-1/4\"|its field 'length' says '-1/4', which makes no sense",
        "\"1/4\"|\"a quarter\"|its field 'length' says 'a quarter', which makes no sense",
        "\"2027-01-25\"|\"tomorrow\"|its field 'due' says 'tomorrow', which makes no sense",
        "\"2027-01-25\"|\"+999999999-01-01\"|its field 'due' says '+999999999-01-01', which makes no sense",
        "\"2026-11-23T17:00:00Z\"|\"early\"|its field 'takenBack' says 'early', which makes no sense",
        "\"perMinute\" : 96.0|\"perMinute\" : 1e300|which is no number from 0.001 to 1000",
        "\"minutesPerDay\" : 50|\"minutesPerDay\" : \"many\"|its field 'minutesPerDay' says 'many', which is no number from 1 to 960",
        "\"rhythmDaysPerWeek\" : 3|\"rhythmDaysPerWeek\" : 2.5|which is no whole number",
        "\"cold\" : true|\"cold\" : \"yes\"|its field 'cold' says 'yes', which is neither true nor false",
        "\"reach\" : \"MIXED\"|\"reach\" : \"SOMEHOW\"|its field 'reach' says 'SOMEHOW', which makes no sense",
        "\"G3\"|\"H9\"|'H9'",
        "\"comfortableMm\" : 72.5|\"comfortableMm\" : 500|a span of 500.0 mm",
        "\"way\" : \"B\"|\"way\" : \"C\"|its field 'way' says 'C', which makes no sense",
      })
  void everyFieldIsCheckedBeforeAnythingIsTaken(String from, String to, String words)
      throws Exception {
    byte[] file = changed(from, to);
    assertThatThrownBy(() -> PacketReader.read("oda.fretpacket", file))
        .isInstanceOf(PacketRejectedException.class)
        .hasMessageContaining(words)
        .hasMessageNotContaining("For input string")
        .message()
        .doesNotContain("\n");
  }

  @Test
  void bracketsThatWouldFillTheMemoryAreRefused() throws Exception {
    String many = "{'format':'fret-packet','version':1,'x':[" + "[],".repeat(4_000_000) + "[]]}";
    byte[] dense = zip("packet.json", many);
    assertThatThrownBy(() -> PacketReader.read("oda.fretpacket", dense))
        .isInstanceOf(PacketRejectedException.class)
        .hasMessageContaining("its description cannot be read");
    byte[] deep = zip("packet.json", "[".repeat(100_000));
    assertThatThrownBy(() -> PacketReader.read("oda.fretpacket", deep))
        .isInstanceOf(PacketRejectedException.class);
    byte[] tooLong = zip("packet.json", " ".repeat(33 * 1024 * 1024));
    assertThatThrownBy(() -> PacketReader.read("oda.fretpacket", tooLong))
        .hasMessage("oda.fretpacket: it holds more than a packet of Fret may");
  }
}
