package app.fret.files.abc;

import app.fret.score.Clef;
import app.fret.score.Metre;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads fields among the music: metre, key, tempo, voice. */
final class AbcMusicFields {
  private final AbcPlace here;
  private final List<AbcTempo> tempos = new ArrayList<>();
  private Optional<String> firstVoice = Optional.empty();
  private boolean otherVoice;

  AbcMusicFields(AbcPlace here) {
    this.here = here;
  }

  /** A tempo or its words at a place. */
  record AbcTempo(int bar, int item, AbcFields.Speed speed) {}

  List<AbcTempo> tempos() {
    return tempos;
  }

  /** Whether what follows belongs to another voice than the first. */
  boolean isOtherVoice() {
    return otherVoice;
  }

  /** Sets a tempo for the next note. */
  void tempo(AbcFields.Speed speed) {
    tempos.add(new AbcTempo(here.bars().count(), here.itemsInBar(), speed));
  }

  void read(char letter, String value, int from, int to) {
    String words = value.replaceFirst("(^|[^\\\\])%.*", "$1").strip();
    try {
      switch (letter) {
        case 'M' -> {
          Metre wanted = AbcFields.metre(words);
          doubtInsideBar("a metre", !wanted.equals(here.metre()), from, to);
          here.setMetre(wanted);
        }
        case 'L' -> here.setUnitLength(AbcFields.unitLength(words));
        case 'K' -> {
          AbcFields.KeyAndClef wanted = AbcFields.key(words);
          doubtInsideBar(
              "a key", wanted.key().filter(k -> !k.equals(here.key())).isPresent(), from, to);
          key(wanted);
        }
        case 'Q' -> tempo(AbcFields.tempo(words, here.unitLength()));
        case 'V' -> voice(words);
        case 'w', 'W' -> here.findings().leave("words to sing under the notes");
        case 'P' -> here.findings().leave("names of sections (P:)");
        case 's' -> here.findings().leave("signs on a line of their own (s:)");
        case 'U' -> here.signs().define(words);
        case 'm' -> here.findings().leave("macros (m:)");
        default -> {
          // What tells about the tune, remarks and instructions of layout do not change a note.
        }
      }
    } catch (AbcFaultException e) {
      here.problem(from, to, e.getMessage());
    }
  }

  private void doubtInsideBar(String what, boolean isOther, int from, int to) {
    if (isOther && here.bars().open().isPresent()) {
      here.findings()
          .doubt(
              from,
              to,
              here.bars().count() + 1,
              what + " changes at a bar line and holds from the next bar on; move it there");
    }
  }

  private void key(AbcFields.KeyAndClef wanted) {
    if (wanted.key().isPresent()) {
      here.setKey(wanted.key().get());
      here.pitches().setSigns(wanted.signs());
    }
    here.pitches().setOctaves(wanted.octaves());
    wanted.unread().forEach(word -> here.findings().leave("'" + word + "' behind the key"));
    wanted.clef().ifPresent(here::setClef);
  }

  void voice(String words) {
    String name = words.split("\\s")[0];
    Optional<Clef> itsClef = AbcFields.clefOfVoice(words);
    if (firstVoice.isEmpty()) {
      firstVoice = Optional.of(name);
    }
    otherVoice = !firstVoice.get().equals(name);
    if (otherVoice) {
      here.findings().leave("voice " + name + "; the first is read");
    } else {
      itsClef.ifPresent(here::setClef);
    }
  }
}
