package app.fret.files.midi;

import app.fret.score.Tempo;
import java.util.Map;
import java.util.NavigableMap;

/** Seconds between ticks, by the tempi of the file. */
final class MidiClock {
  /** Where no tempo is stated (Standard MIDI File 1.0). */
  private static final double USUAL_PER_MINUTE = 120;

  /** Parts of a quarter that count as beats where a grace note and its main note compete. */
  private static final int SIXTEENTHS = 4;

  private final NavigableMap<Long, Tempo> tempos;
  private final int ticksPerQuarter;

  MidiClock(NavigableMap<Long, Tempo> tempos, int ticksPerQuarter) {
    this.tempos = tempos;
    this.ticksPerQuarter = ticksPerQuarter;
  }

  /** Seconds from one tick to another, at the tempo in force at the first. */
  double seconds(long from, long to) {
    return (to - from) * secondsPerTick(from);
  }

  private double secondsPerTick(long tick) {
    Map.Entry<Long, Tempo> tempo = tempos.floorEntry(tick);
    double perMinute = tempo == null ? USUAL_PER_MINUTE : tempo.getValue().perMinute();
    return 60 / perMinute / ticksPerQuarter;
  }

  /** Of two ticks the one that lies nearer to a sixteenth of the beat. */
  long nearerToBeat(long one, long other) {
    return away(one) <= away(other) ? one : other;
  }

  private double away(long tick) {
    double sixteenths = (double) tick * SIXTEENTHS / ticksPerQuarter;
    return Math.abs(sixteenths - Math.rint(sixteenths));
  }
}
