package app.fret.files.midi;

import app.fret.score.BeatUnit;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Tempo;
import java.util.NavigableMap;
import java.util.TreeMap;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.Sequence;
import javax.sound.midi.Track;

/** Metres, keys and tempi of a MIDI file, by the tick where each begins. */
final class MidiSigns {
  private static final int TEMPO = 0x51;
  private static final int TIME_SIGNATURE = 0x58;
  private static final int KEY_SIGNATURE = 0x59;
  private static final double MICROSECONDS_PER_MINUTE = 60_000_000;
  private static final int MOST_UPPER = 32;
  private static final int MOST_POWER = 5;

  private final NavigableMap<Long, Metre> metres = new TreeMap<>();
  private final NavigableMap<Long, KeyFinder.Found> keys = new TreeMap<>();
  private final NavigableMap<Long, Tempo> tempos = new TreeMap<>();
  private boolean strange;

  MidiSigns(Sequence sequence) {
    for (Track track : sequence.getTracks()) {
      for (int i = 0; i < track.size(); i++) {
        MidiEvent event = track.get(i);
        if (event.getMessage() instanceof MetaMessage meta) {
          take(event.getTick(), meta.getType(), meta.getData());
        }
      }
    }
    metres.putIfAbsent(0L, Metre.of(4, 4));
  }

  private void take(long tick, int type, byte[] data) {
    if (type == TIME_SIGNATURE && data.length >= 2) {
      takeMetre(tick, data[0] & 0xFF, data[1] & 0xFF);
    } else if (type == KEY_SIGNATURE && data.length >= 2) {
      takeKey(tick, data[0], data[1] == 1);
    } else if (type == TEMPO && data.length == 3) {
      int micros = (data[0] & 0xFF) << 16 | (data[1] & 0xFF) << 8 | data[2] & 0xFF;
      double perMinute = micros == 0 ? 0 : MICROSECONDS_PER_MINUTE / micros;
      if (perMinute >= 1 && perMinute <= 1000) {
        tempos.put(tick, new Tempo(BeatUnit.QUARTER, Math.round(perMinute * 100) / 100.0));
      } else {
        strange = true;
      }
    }
  }

  private void takeMetre(long tick, int upper, int power) {
    if (upper >= 1 && upper <= MOST_UPPER && power <= MOST_POWER) {
      metres.put(tick, Metre.of(upper, 1 << power));
    } else {
      strange = true;
    }
  }

  private void takeKey(long tick, int fifths, boolean minor) {
    if (Math.abs(fifths) <= 7) {
      keys.put(tick, new KeyFinder.Found(new Key(fifths), minor));
    } else {
      strange = true;
    }
  }

  /** The metre at a tick; a change inside a bar holds from the next. */
  Metre metreAt(long tick) {
    var at = metres.floorEntry(tick);
    return at == null ? metres.firstEntry().getValue() : at.getValue();
  }

  /** The key at a tick, else the one that is assumed. */
  KeyFinder.Found keyAt(long tick, KeyFinder.Found assumed) {
    var at = keys.floorEntry(tick);
    return at == null ? keys.isEmpty() ? assumed : keys.firstEntry().getValue() : at.getValue();
  }

  /** Whether no key is stated. */
  boolean isKeyless() {
    return keys.isEmpty();
  }

  NavigableMap<Long, Tempo> tempos() {
    return tempos;
  }

  /** Whether a metre, key or tempo was no such thing and is left out. */
  boolean isStrange() {
    return strange;
  }
}
