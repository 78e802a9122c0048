package app.fret.study;

import app.fret.reading.Others;
import app.fret.score.Span;
import app.fret.sound.ClickChoices;
import app.fret.sound.Drone;
import app.fret.sound.Pulse;
import app.fret.sound.SoundPlan;
import app.fret.sound.SoundPlan.Click;
import app.fret.sound.SoundPlan.Tone;
import app.fret.tuning.Tonic;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Click and drone of a study, at any tempo, as often as wanted. */
public final class StudySound {
  private StudySound() {}

  /**
   * Makes a sound plan.
   *
   * @param perMinute how fast, in the beat of the target; every place keeps its proportion
   * @param drone tone to play over, if any
   * @param loops how often the passage comes, at least once; counted in only the first time
   */
  public static SoundPlan of(
      Study study, double perMinute, ClickChoices click, Optional<Drone> drone, int loops) {
    return of(study, perMinute, click, drone, loops, music(study));
  }

  /** The same of some bars only. */
  public static SoundPlan of(
      Study study, double perMinute, ClickChoices click, Optional<Drone> drone, Span bars) {
    return of(study, perMinute, click, drone, 1, music(study).only(bars));
  }

  private static SoundPlan of(
      Study study,
      double perMinute,
      ClickChoices click,
      Optional<Drone> drone,
      int loops,
      Pulse.Music music) {
    double slower = study.choices().target().perMinute() / perMinute;
    Pulse.Timed first = Pulse.of(music, slower, click);
    List<Click> clicks = new ArrayList<>(first.clicks());
    List<Tone> tones = new ArrayList<>(tones(study, first, drone, 0));
    double seconds = first.seconds();
    ClickChoices again = new ClickChoices(click.kind(), click.clickedBars(), click.silentBars(), 0);
    for (int i = 1; i < loops; i++) {
      Pulse.Timed next = Pulse.of(music, slower, again);
      double from = seconds;
      next.clicks().forEach(c -> clicks.add(new Click(from + c.atSeconds(), c.strength())));
      tones.addAll(tones(study, next, drone, from));
      seconds += next.seconds();
    }
    return new SoundPlan(seconds, clicks, tones);
  }

  private static Pulse.Music music(Study study) {
    Others others = study.others();
    return Pulse.Music.whole(
        study.passage(),
        study.brief().tempos(),
        study.brief().reading().beatGroups(),
        bar ->
            others.running().stream()
                .filter(r -> r.firstBar() <= bar && bar <= r.lastBar())
                .findFirst()
                .map(Others.Running::value));
  }

  private static List<Tone> tones(
      Study study, Pulse.Timed timed, Optional<Drone> drone, double from) {
    if (drone.isEmpty()) {
      return List.of();
    }
    Tonic tonic = Tonic.of(study.passage().bars().get(0).key(), study.notes());
    double a4Hz = study.player().instrument().a4Hz();
    return drone.get().tones(timed, tonic, study.tuning(), a4Hz).stream()
        .map(t -> new Tone(from + t.fromSeconds(), from + t.toSeconds(), t.hz(), t.gain()))
        .toList();
  }
}
