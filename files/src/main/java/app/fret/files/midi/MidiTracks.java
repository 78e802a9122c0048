package app.fret.files.midi;

import app.fret.files.PlainWords;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;

/** Sorts the messages of a MIDI file into parts. */
final class MidiTracks {
  private static final int TRACK_NAME = 0x03;
  private static final int PERCUSSION = 9;
  private static final int MOST_NAME = 80;

  /** Programs of the General MIDI level 1 sound set, from 0, for bowed strings. */
  private static final Map<Integer, String> BOWED =
      Map.of(40, "Violin", 41, "Viola", 42, "Cello", 43, "Contrabass");

  private final List<MidiPart> parts = new ArrayList<>();
  private final List<String> left = new ArrayList<>();

  /** C0 and B8, far beyond any string; what lies further out has no octave to be written in. */
  private static final int LOWEST = 12;

  private static final int HIGHEST = 119;

  private Optional<String> title = Optional.empty();

  /** What is gathered of one channel of a track. */
  private static final class Channel {
    private final List<MidiPart.Note> notes = new ArrayList<>();
    private final Map<Integer, Long> sounding = new HashMap<>();
    private int program = -1;
    private int beyond;

    void on(int pitch, long tick) {
      off(pitch, tick);
      if (pitch < LOWEST || pitch > HIGHEST) {
        beyond++;
      } else {
        sounding.put(pitch, tick);
      }
    }

    void off(int pitch, long tick) {
      Long on = sounding.remove(pitch);
      if (on != null && tick > on) {
        notes.add(new MidiPart.Note(on, tick, pitch));
      }
    }

    void end(long tick) {
      List.copyOf(sounding.keySet()).forEach(pitch -> off(pitch, tick));
      notes.sort(
          Comparator.comparingLong(MidiPart.Note::on).thenComparingInt(MidiPart.Note::pitch));
    }
  }

  MidiTracks(Sequence sequence) {
    boolean percussion = false;
    for (Track track : sequence.getTracks()) {
      percussion |= read(track);
    }
    if (percussion) {
      left.add("percussion");
    }
  }

  List<MidiPart> parts() {
    return parts;
  }

  List<String> left() {
    return left;
  }

  /** The name of a first track without notes, which names the whole. */
  Optional<String> title() {
    return title;
  }

  private boolean read(Track track) {
    Map<Integer, Channel> channels = new LinkedHashMap<>();
    String name = "";
    boolean percussion = false;
    for (int i = 0; i < track.size(); i++) {
      MidiEvent event = track.get(i);
      if (event.getMessage() instanceof MetaMessage meta && meta.getType() == TRACK_NAME) {
        name = name.isEmpty() ? text(meta.getData()) : name;
      } else if (event.getMessage() instanceof ShortMessage message) {
        percussion |= message.getChannel() == PERCUSSION && isOn(message);
        if (message.getChannel() != PERCUSSION) {
          take(
              channels.computeIfAbsent(message.getChannel(), c -> new Channel()),
              message,
              event.getTick());
        }
      }
    }
    channels.values().forEach(c -> c.end(track.ticks()));
    int beyond = channels.values().stream().mapToInt(c -> c.beyond).sum();
    if (beyond > 0) {
      left.add(beyond + (beyond == 1 ? " note" : " notes") + " below C0 or above B8");
    }
    channels.values().removeIf(c -> c.notes.isEmpty());
    if (channels.isEmpty() && title.isEmpty() && parts.isEmpty() && !name.isEmpty()) {
      title = Optional.of(name);
    }
    add(channels, name);
    return percussion;
  }

  private static boolean isOn(ShortMessage message) {
    return message.getCommand() == ShortMessage.NOTE_ON && message.getData2() > 0;
  }

  private static void take(Channel channel, ShortMessage message, long tick) {
    if (isOn(message)) {
      channel.on(message.getData1(), tick);
    } else if (message.getCommand() == ShortMessage.NOTE_OFF
        || message.getCommand() == ShortMessage.NOTE_ON) {
      channel.off(message.getData1(), tick);
    } else if (message.getCommand() == ShortMessage.PROGRAM_CHANGE && channel.program < 0) {
      channel.program = message.getData1();
    }
  }

  private void add(Map<Integer, Channel> channels, String trackName) {
    int number = 0;
    for (Channel channel : channels.values()) {
      number++;
      String instrument = BOWED.getOrDefault(channel.program, "");
      String name = trackName.isEmpty() ? instrument : trackName;
      if (channels.size() > 1 && !name.isEmpty()) {
        name = instrument.isEmpty() ? name + " " + number : instrument;
      }
      parts.add(new MidiPart(name.isEmpty() ? "part " + (parts.size() + 1) : name, channel.notes));
    }
  }

  private static String text(byte[] data) {
    String name = PlainWords.clean(new String(data, StandardCharsets.UTF_8)).strip();
    return name.substring(0, Math.min(MOST_NAME, name.length()));
  }
}
