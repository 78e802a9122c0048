package app.fret.files.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner.Stance;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Programmes are read whole or refused with the place of the fault. */
class ProgrammeFileTest {
  private static final String HEAD = "'format':'fret-programme','version':1,";

  private static Programme read(String json) throws ProgrammeRejectedException {
    return ProgrammeFile.read(
        "list.json", json.replace('\'', '"').getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void everyFieldIsRead() throws Exception {
    Programme programme =
        read(
            "{"
                + HEAD
                + "'player':{'name':'A','minutesPerDay':45,'daysOff':['sunday'],"
                + "'rhythmDaysPerWeek':3,'stance':'as-many-ready-as-possible'},"
                + "'items':[{'id':'x','title':'X','file':'x.musicxml','instrument':'viola',"
                + "'target':{'beat':'half','perMinute':66},'clean':40,'due':'2027-01-25'},"
                + "{'id':'s','kind':'scale','minutes':5}],"
                + "'log':[{'item':'x','date':'2026-11-24','beat':'quarter','perMinute':84,"
                + "'clean':true,'seconds':31,'cold':true,'spot':'3:2','card':'mock'}]}");
    assertThat(programme.playerName()).isEqualTo("A");
    assertThat(programme.learner().minutesPerDay()).isEqualTo(45);
    assertThat(programme.learner().daysOff()).containsExactly(DayOfWeek.SUNDAY);
    assertThat(programme.learner().rhythmDaysPerWeek()).isEqualTo(3);
    assertThat(programme.learner().stance()).isEqualTo(Stance.AS_MANY_READY_AS_POSSIBLE);
    Programme.Entry passage = programme.items().get(0);
    assertThat(passage.file()).contains("x.musicxml");
    assertThat(passage.beat()).contains("half");
    assertThat(passage.perMinute()).hasValue(66);
    assertThat(passage.clean()).hasValue(40);
    assertThat(passage.due()).contains(LocalDate.of(2027, 1, 25));
    assertThat(programme.items().get(1).kind()).isEqualTo(Item.Kind.SCALE);
    assertThat(programme.items().get(1).minutes()).hasValue(5);
    Programme.Pass pass = programme.log().get(0);
    assertThat(pass.perMinute()).isEqualTo(84);
    assertThat(pass.cold()).isTrue();
    assertThat(pass.spot()).contains("3:2");
    assertThat(pass.card()).isEqualTo(CardKind.MOCK);
  }

  @Test
  void passesAreSortedByDay() throws Exception {
    Programme programme =
        read(
            "{"
                + HEAD
                + "'items':[{'id':'s','kind':'scale','minutes':5}],"
                + "'log':[{'item':'s','date':'2026-11-24','perMinute':60},"
                + "{'item':'s','date':'2026-11-20','perMinute':60}]}");
    assertThat(programme.log()).extracting(p -> p.date().getDayOfMonth()).containsExactly(20, 24);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "[]|format",
        "{'format':'fret-programme','version':2}|version 2",
        "{H 'player':{'daysOff':['funday']}}|daysOff",
        "{H 'player':{'minutesPerDay':0}}|minutes a day",
        "{H 'player':{'rhythmDaysPerWeek':7}}|rhythm days",
        "{H 'player':{'stance':'odd'}}|stance",
        "{H 'items':[{'title':'T'}]}|items[0]: id is missing",
        "{H 'items':[{'id':'x'}]}|items[0]: a passage needs a file",
        "{H 'items':[{'id':'s','kind':'scale'}]}|needs its minutes",
        "{H 'items':[{'id':'s','kind':'song'}]}|kind 'song'",
        "{H 'items':[{'id':'x','file':'f','due':'soon'}]}|is no day from 1900 to 2999",
        "{H 'items':[{'id':'x','file':'f','clean':-3}]}|from 1 to 1000",
        "{H 'items':[{'id':'x','file':'f'},{'id':'x','file':'f'}]}|taken already",
        "{H 'log':[{'item':'y','date':'2026-11-24','perMinute':60}]}|no item has the id",
        "{'format':|line 1"
      })
  void whatCannotBeReadIsSaidWithItsPlace(String json, String words) {
    assertThatThrownBy(() -> read(json.replace("H", HEAD)))
        .isInstanceOf(ProgrammeRejectedException.class)
        .hasMessageStartingWith("list.json: ")
        .hasMessageContaining(words);
  }
}
