package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.OtherItem.Heard;
import app.fret.book.OtherItem.Kind;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.files.packet.Packet;
import app.fret.files.packet.PacketReader;
import app.fret.files.packet.PacketWriter;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.effort.Profiles;
import app.fret.practice.Gate;
import app.fret.score.BeatUnit;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.testing.Music;
import java.io.ByteArrayOutputStream;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A packet from a coach's book to a student's and back. */
class PacketBookTest {
  private static final Tempo TARGET = new Tempo(BeatUnit.QUARTER, 96);
  private static final LocalDate DUE = LocalDate.of(2027, 1, 25);
  private static final Instant AT = Instant.parse("2026-11-24T17:00:00Z");

  @TempDir private Path folder;
  private Book coach;
  private Book student;
  private BookPlayer player;
  private BookPassage passage;

  @BeforeEach
  void open() throws Exception {
    coach = Book.open(folder.resolve("coach.fretbook"));
    student = Book.open(folder.resolve("student.fretbook"));
    player = coach.addPlayer("Oda Merrin", PlayerSetup.of("violin", 75.0, 328));
    coach.keepLearner(player.id(), coach.learner(player.id()).learner().withMinutes(75));
    passage =
        coach.addPassage(
            new NewPassage(
                player.id(),
                "Grey Ferry",
                "grey-ferry.musicxml",
                score("A4/4 B4/4 C5/4 D5/4 | E5/1"),
                new BookPassage.Cut(0, 0, 1),
                TARGET,
                Optional.of(DUE)));
    Choices plain = Choices.at(TARGET);
    coach.keepChoices(passage.id(), plain, plain.with(plain.practice().with(new Gate(5, true))));
    coach.addToLog(pass(passage.id(), AT, true));
  }

  @AfterEach
  void close() {
    coach.close();
    student.close();
  }

  private static byte[] score(String words) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new MusicXmlWriter().write(Music.passage(words), out);
    return out.toByteArray();
  }

  private static LogEntry pass(long passageId, Instant at, boolean clean) {
    return new LogEntry(passageId, at, TARGET, OptionalDouble.of(9), clean);
  }

  private static Optional<Packet.Mended> mended(byte[] music) {
    return Optional.of(new Packet.Mended(music, Optional.empty()));
  }

  /** Through a file, as it is sent. */
  private static Packet sent(Packet packet) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PacketWriter.write(packet, out);
    return PacketReader.read("oda.fretpacket", out.toByteArray());
  }

  private BookPassage students() {
    BookPlayer there = student.players().rows().get(0);
    return student.passages(there.id()).rows().get(0);
  }

  @Test
  void aStudentHasAllThatTheCoachHas() throws Exception {
    Merged merged = student.take(sent(coach.packet(player.id())));
    assertThat(merged.newPassages()).isEqualTo(1);
    assertThat(merged.newPasses()).isEqualTo(1);
    assertThat(merged.conflicts()).isEmpty();
    BookPlayer there = student.players().rows().get(0);
    assertThat(there.name()).isEqualTo("Oda Merrin");
    assertThat(there.setup()).isEqualTo(player.setup());
    assertThat(student.learner(there.id()).learner().minutesPerDay()).isEqualTo(75);
    assertThat(students().title()).isEqualTo("Grey Ferry");
    assertThat(students().dueOn()).contains(DUE);
    assertThat(student.score(students().id())).isEqualTo(coach.score(passage.id()));
    assertThat(student.choices(students().id()).choices().practice().gate())
        .isEqualTo(new Gate(5, true));
    assertThat(student.log(students().id()).rows())
        .singleElement()
        .isEqualTo(pass(students().id(), AT, true));
  }

  @Test
  void theLogComesBackAndNoPassIsCountedTwice() throws Exception {
    student.take(sent(coach.packet(player.id())));
    student.addToLog(pass(students().id(), AT.plusSeconds(3600), false));
    coach.addToLog(pass(passage.id(), AT.plusSeconds(7200), true));
    long there = student.players().rows().get(0).id();
    Merged merged = coach.take(sent(student.packet(there)));
    assertThat(merged.newPassages()).isZero();
    assertThat(merged.newPasses()).isEqualTo(1);
    assertThat(coach.log(passage.id()).rows())
        .extracting(LogEntry::at)
        .as("in the order they were played")
        .containsExactly(AT, AT.plusSeconds(3600), AT.plusSeconds(7200));
    coach.takeBack(coach.lastLogged(passage.id()).orElseThrow());
    assertThat(coach.log(passage.id()).rows())
        .as("the newest is the one played last")
        .extracting(LogEntry::at)
        .containsExactly(AT, AT.plusSeconds(3600));
    assertThat(coach.take(sent(student.packet(there))).newPasses()).isZero();
  }

  @Test
  void whatOnlyOneSideDecidedIsAddedAndADifferenceIsShownAndMayBeTaken() throws Exception {
    student.take(sent(coach.packet(player.id())));
    long id = students().id();
    Choices before = student.choices(id).choices();
    Choices after =
        before
            .with(before.practice().with(new Gate(2, true)))
            .withProfile(Profiles.named("singing"))
            .with(before.bow().withOpposite(true));
    student.keepChoices(id, before, after);
    student.keepDue(id, Optional.of(DUE.plusDays(7)));
    Packet back = sent(student.packet(student.players().rows().get(0).id()));
    Merged merged = coach.take(back);
    assertThat(merged.newDecisions()).isPositive();
    assertThat(coach.choices(passage.id()).choices().bow().opposite()).isTrue();
    assertThat(merged.conflicts())
        .extracting(Merged.Conflict::item)
        .contains("clean-needed", "the day it is for");
    assertThat(coach.choices(passage.id()).choices().practice().gate().cleanNeeded())
        .as("what stands here stays until one says otherwise")
        .isEqualTo(5);
    coach.takeTheirs(back, merged, merged.conflicts());
    assertThat(coach.choices(passage.id()).choices().practice().gate().cleanNeeded()).isEqualTo(2);
    BookPassage now = coach.passages(player.id()).rows().get(0);
    assertThat(now.dueOn()).contains(DUE.plusDays(7));
    assertThat(coach.take(back).conflicts()).isEmpty();
  }

  @Test
  void otherBarsOfTheSameMusicAreAnotherPassage() throws Exception {
    student.take(sent(coach.packet(player.id())));
    BookPlayer there = student.players().rows().get(0);
    student.addPassage(
        new NewPassage(
            there.id(),
            "Grey Ferry, first bar",
            "grey-ferry.musicxml",
            score("A4/4 B4/4 C5/4 D5/4 | E5/1"),
            new BookPassage.Cut(0, 0, 0),
            TARGET,
            Optional.empty()));
    Merged merged = coach.take(sent(student.packet(there.id())));
    assertThat(merged.newPassages()).isEqualTo(1);
    assertThat(coach.passages(player.id()).rows()).hasSize(2);
  }

  @Test
  void mendedMusicGoesAlongAndADifferentOneIsAConflict() throws Exception {
    byte[] mended = score("A4/4 B4/4 C5/4 E5/4 | E5/1");
    coach.keepEdited(passage.id(), mended(mended));
    student.take(sent(coach.packet(player.id())));
    assertThat(student.edited(students().id()))
        .hasValueSatisfying(e -> assertThat(e.music()).isEqualTo(mended));
    byte[] other = score("A4/4 B4/4 C5/4 F5/4 | E5/1");
    student.keepEdited(students().id(), mended(other));
    Packet back = sent(student.packet(student.players().rows().get(0).id()));
    Merged merged = coach.take(back);
    assertThat(merged.conflicts())
        .extracting(Merged.Conflict::item)
        .containsExactly("mended notes");
    coach.takeTheirs(back, merged, merged.conflicts());
    assertThat(coach.edited(passage.id()))
        .hasValueSatisfying(e -> assertThat(e.music()).isEqualTo(other));
  }

  @Test
  void studiesAndRecordingsComeAlongAndTheirTurnsAreThoseOfBoth() {
    Heard heard = new Heard(OptionalDouble.of(92), "slurs by the bar", "", "");
    long id = coach.addOtherItem(player.id(), Kind.LISTENING, "Two recordings", 8).id();
    coach.keepHeard(id, heard);
    coach.tickOtherItem(id, DUE, true);
    Packet packet = coach.packet(player.id());
    student.take(packet);
    long theirs = student.players().rows().get(0).id();
    OtherItem there = student.otherItems(theirs).rows().get(0);
    assertThat(there.title()).isEqualTo("Two recordings");
    assertThat(there.heard()).isEqualTo(heard);
    student.tickOtherItem(there.id(), DUE.plusDays(1), true);
    student.take(packet);
    assertThat(student.otherItems(theirs).rows()).as("it is the same").hasSize(1);
    coach.take(student.packet(theirs));
    assertThat(coach.turns(player.id()).get(id)).containsExactly(DUE, DUE.plusDays(1));
  }

  @Test
  void whatBothHeardDifferentlyStandsSideBySide() {
    long id = coach.addOtherItem(player.id(), Kind.LISTENING, "Two recordings", 8).id();
    coach.keepHeard(id, new Heard(OptionalDouble.of(92), "", "", ""));
    Packet packet = coach.packet(player.id());
    student.take(packet);
    long theirs = student.players().rows().get(0).id();
    Heard other = new Heard(OptionalDouble.of(96), "", "", "");
    student.keepHeard(student.otherItems(theirs).rows().get(0).id(), other);
    student.take(packet);
    assertThat(student.otherItems(theirs).rows())
        .extracting(i -> i.heard().perMinute().getAsDouble())
        .containsExactly(96.0, 92.0);
  }

  @Test
  void theCoachsTempoHandAndHabitsAreLaidBesideTheStudents() throws Exception {
    student.take(sent(coach.packet(player.id())));
    coach.keepChoices(
        passage.id(),
        Choices.at(TARGET),
        Choices.at(TARGET).withTarget(new Tempo(BeatUnit.QUARTER, 104)));
    coach.keepSetup(player.id(), player.setup().withComfortableMm(71).withA4Hz(442));
    coach.keepLearner(player.id(), coach.learner(player.id()).learner().withMinutes(90));
    Packet packet = sent(coach.packet(player.id()));
    Merged merged = student.take(packet);
    assertThat(merged.conflicts())
        .extracting(Merged.Conflict::item)
        .containsExactlyInAnyOrder(
            "the span of the hand", "the tuning of A", "minutes a day", "target tempo");
    BookPlayer here = student.players().rows().get(0);
    assertThat(here.setup()).as("what stands stays").isEqualTo(player.setup());
    student.takeTheirs(packet, merged, merged.conflicts());
    here = student.players().rows().get(0);
    assertThat(here.setup().comfortableMm()).isEqualTo(71);
    assertThat(here.setup().a4Hz()).isEqualTo(442);
    assertThat(student.learner(here.id()).learner().minutesPerDay()).isEqualTo(90);
    assertThat(students().target().perMinute()).isEqualTo(104);
    assertThat(student.take(packet).conflicts()).isEmpty();
  }

  @Test
  void takingAPacketInTwiceChangesNothing() throws Exception {
    Packet packet = sent(coach.packet(player.id()));
    student.take(packet);
    Packet once = student.packet(student.players().rows().get(0).id());
    Merged again = student.take(packet);
    assertThat(again.newPassages() + again.newPasses() + again.newDecisions()).isZero();
    assertThat(student.packet(student.players().rows().get(0).id()))
        .usingRecursiveComparison()
        .isEqualTo(once);
  }

  @Test
  void twoPacketsEndAlikeInEitherOrderButForWhatIsShownSideBySide() throws Exception {
    Packet first = sent(coach.packet(player.id()));
    coach.keepDue(passage.id(), Optional.of(DUE.plusDays(3)));
    coach.addToLog(pass(passage.id(), AT.plusSeconds(60), false));
    coach.takeBack(pass(passage.id(), AT, true));
    Packet second = sent(coach.packet(player.id()));
    try (Book other = Book.open(folder.resolve("other.fretbook"))) {
      student.take(first);
      Merged forth = student.take(second);
      other.take(second);
      Merged back = other.take(first);
      assertThat(forth.conflicts())
          .extracting(Merged.Conflict::item)
          .containsExactly("the day it is for");
      assertThat(back.conflicts())
          .extracting(Merged.Conflict::item)
          .containsExactly("the day it is for");
      assertThat(back.conflicts().get(0).here()).isEqualTo(forth.conflicts().get(0).theirs());
      student.takeTheirs(second, forth, forth.conflicts());
      assertThat(student.packet(1)).usingRecursiveComparison().isEqualTo(other.packet(1));
    }
  }

  @Test
  void aPassTakenBackDoesNotReturnWithAPacket() throws Exception {
    student.take(sent(coach.packet(player.id())));
    Packet before = sent(coach.packet(player.id()));
    LogEntry slip = pass(students().id(), AT.plusSeconds(5), false);
    student.addToLog(slip);
    coach.take(sent(student.packet(1)));
    assertThat(coach.log(passage.id()).rows()).hasSize(2);
    student.takeBack(slip);
    student.take(sent(coach.packet(player.id())));
    assertThat(student.log(students().id()).rows()).as("the coach's copy still has it").hasSize(1);
    coach.take(sent(student.packet(1)));
    assertThat(coach.log(passage.id()).rows()).as("it is gone on both sides").hasSize(1);
    coach.take(before);
    assertThat(coach.log(passage.id()).rows()).hasSize(1);
  }

  @Test
  void theSlipIsThePassLoggedLastHereWhateverTheClocksSay() throws Exception {
    student.take(sent(coach.packet(player.id())));
    long there = students().id();
    student.addToLog(pass(there, AT.plusSeconds(86_400 * 30), true));
    student.addToLog(pass(there, AT.minusSeconds(60), false));
    coach.addToLog(pass(passage.id(), AT.plusSeconds(86_400 * 60), true));
    student.take(sent(coach.packet(player.id())));
    assertThat(student.lastLogged(there).orElseThrow().at()).isEqualTo(AT.minusSeconds(60));
  }

  private void coachTakesTheThirdNoteUp() {
    Choices plain = coach.choices(passage.id()).choices();
    coach.keepChoices(
        passage.id(),
        plain,
        plain.with(
            plain.bow().with(new StrokeAt(NoteRef.parse("0@1/2 C5"), StrokeDecision.parse("up")))));
  }

  @Test
  void theirDecisionsComeToStandOnTheSameNotesOfMusicThatWasMendedHere() throws Exception {
    student.take(sent(coach.packet(player.id())));
    student.keepEdited(
        students().id(),
        Optional.of(
            new Packet.Mended(score("r/1 | A4/4 B4/4 C5/4 D5/4 | E5/1"), Optional.of("-x1 0x5"))));
    coachTakesTheThirdNoteUp();
    Merged merged = student.take(sent(coach.packet(player.id())));
    assertThat(merged.setAside()).isEmpty();
    assertThat(student.choices(students().id()).choices().bow().strokes())
        .extracting(s -> s.at().toString())
        .containsExactly("1@1/2 C5");
  }

  @Test
  void theirDecisionOnANoteThatIsGoneHereIsNamed() throws Exception {
    student.take(sent(coach.packet(player.id())));
    student.keepEdited(
        students().id(),
        Optional.of(
            new Packet.Mended(score("A4/4 B4/4 F5/4 D5/4 | E5/1"), Optional.of("0x2 -x1 3x2"))));
    coachTakesTheThirdNoteUp();
    assertThat(student.take(sent(coach.packet(player.id()))).setAside())
        .containsExactly("the decision on C5 in bar 1");
  }

  @Test
  void aNoteOnAPassIsAddedAndTwoAreLaidSideBySide() throws Exception {
    student.take(sent(coach.packet(player.id())));
    LogEntry pass =
        student
            .lastLogged(students().id())
            .orElseGet(() -> student.log(students().id()).rows().get(0));
    student.noteOn(pass, Optional.of("thumb tight"));
    coach.take(sent(student.packet(1)));
    assertThat(coach.log(passage.id()).rows().get(0).played().words()).contains("thumb tight");
    student.noteOn(pass, Optional.of("thumb free"));
    Packet packet = sent(student.packet(1));
    Merged merged = coach.take(packet);
    assertThat(merged.conflicts()).hasSize(1);
    coach.takeTheirs(packet, merged, merged.conflicts());
    assertThat(coach.log(passage.id()).rows().get(0).played().words()).contains("thumb free");
  }
}
