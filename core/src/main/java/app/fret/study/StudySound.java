package app.fret.study;

import app.fret.brief.Brief;
import app.fret.harmony.Tonic;
import app.fret.reading.Others;
import app.fret.score.SoundingPitch;
import app.fret.score.Span;
import app.fret.sound.ClickChoices;
import app.fret.sound.ClickKind;
import app.fret.sound.Drone;
import app.fret.sound.Pulse;
import app.fret.sound.SoundPlan;
import app.fret.sound.SoundPlan.Click;
import app.fret.sound.SoundPlan.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Click and drone of a study, at any tempo, as often as wanted. */
public final class StudySound {
  private static final double PLAIN_GAIN = 0.9;
  private static final double A4_MIDI = 69;
  private static final double SEMITONES = 12;

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

  /**
   * A study played as plain tones, every note at the pitch of the page in equal temperament and all
   * alike, over its beat: what a drill sounds like, no more.
   */
  public static SoundPlan played(Study study) {
    Brief brief = study.brief();
    ClickChoices beat = ClickChoices.of(ClickKind.BEAT);
    Pulse.Timed timed = Pulse.of(music(study), 1, beat);
    double a4Hz = study.player().instrument().a4Hz();
    List<Tone> tones = new ArrayList<>();
    for (int note = 0; note < brief.notes().size(); note++) {
      double from = brief.timeline().startSeconds(note);
      double to = brief.timeline().endSeconds(note);
      List<SoundingPitch> heads = brief.pitches().get(note);
      heads.forEach(p -> tones.add(new Tone(from, to, hz(p, a4Hz), PLAIN_GAIN / heads.size())));
    }
    return new SoundPlan(timed.seconds(), timed.clicks(), tones);
  }

  private static double hz(SoundingPitch pitch, double a4Hz) {
    return a4Hz * Math.pow(2, (pitch.midi() - A4_MIDI) / SEMITONES);
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
