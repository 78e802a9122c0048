package app.fret.book;

import app.fret.edit.Origins;
import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.files.packet.Packet;
import app.fret.files.scores.ScoreFiles;
import app.fret.reading.NoteMoves;
import app.fret.score.Passage;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** The music of a passage as it was imported, and as either of two books mended it. */
final class MendedMusic {
  private final Passage imported;

  private MendedMusic(Passage imported) {
    this.imported = imported;
  }

  /** Of a file of a packet, which was opened before, or of a book. */
  static MendedMusic of(String fileName, byte[] score, BookPassage.Cut cut) {
    try {
      ReadPassage read = new ScoreFiles().open(fileName, score).read(cut.part());
      return new MendedMusic(read.intake().cut(cut.firstBar(), cut.lastBar()));
    } catch (ScoreRejectedException e) {
      throw new BookFaultException("The packet was not taken in: " + e.getMessage() + ".", e);
    }
  }

  /** Music as it was mended; as it was imported where it was not. */
  private Passage music(Optional<Packet.Mended> mended) {
    if (mended.isEmpty()) {
      return imported;
    }
    try {
      return new ScoreFiles().open("mended.mxl", mended.get().music()).read(0).passage();
    } catch (ScoreRejectedException e) {
      throw new BookFaultException("The packet was not taken in: " + e.getMessage() + ".", e);
    }
  }

  /** Which notes of the imported music those of mended music are. */
  private Map<Integer, Integer> back(Optional<Packet.Mended> mended, Passage music) {
    return mended
        .flatMap(Packet.Mended::origins)
        .map(Origins::parse)
        .filter(origins -> origins.fit(imported, music))
        .orElseGet(() -> Origins.told(imported, music))
        .back();
  }

  /** Where notes of one mended music stand in another. */
  NoteMoves moves(Optional<Packet.Mended> from, Optional<Packet.Mended> to) {
    Passage before = music(from);
    Passage after = music(to);
    Map<Integer, Integer> there = new HashMap<>();
    back(to, after).forEach((event, origin) -> there.put(origin, event));
    Map<Integer, Integer> eventsNow = new HashMap<>();
    back(from, before)
        .forEach(
            (event, origin) ->
                Optional.ofNullable(there.get(origin)).ifPresent(at -> eventsNow.put(event, at)));
    return new NoteMoves(before, after, eventsNow);
  }

  /** Mended music in few words, to tell one from another. */
  String words(Packet.Mended mended) {
    Passage music = music(Optional.of(mended));
    return music.bars().size() + " bars, " + music.events().size() + " notes and rests";
  }
}
