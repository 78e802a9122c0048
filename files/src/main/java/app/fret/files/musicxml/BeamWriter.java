package app.fret.files.musicxml;

import app.fret.engraving.BeamGroups;
import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.audiveris.proxymusic.Beam;
import org.audiveris.proxymusic.BeamValue;

/** Makes the beams of a passage, grouped as Fret draws them, so that other programs do likewise. */
final class BeamWriter {
  private final List<Event> events;
  private final Map<Integer, Span> groupOf = new HashMap<>();

  BeamWriter(Passage passage) {
    this.events = passage.events();
    for (Span group : BeamGroups.of(passage)) {
      for (int event = group.first(); event <= group.last(); event++) {
        groupOf.put(event, group);
      }
    }
  }

  /** The beams at an event, the primary first; none where it stands alone. */
  List<Beam> at(int event) {
    List<Beam> beams = new ArrayList<>();
    Span group = groupOf.get(event);
    if (group == null) {
      return beams;
    }
    for (int level = 1; level <= flags(event); level++) {
      Beam beam = new Beam();
      beam.setNumber(level);
      beam.setValue(value(group, event, level));
      beams.add(beam);
    }
    return beams;
  }

  private int flags(int event) {
    return events.get(event).written().value().flags();
  }

  private BeamValue value(Span group, int event, int level) {
    boolean before = event > group.first() && flags(event - 1) >= level;
    boolean after = event < group.last() && flags(event + 1) >= level;
    if (before && after) {
      return BeamValue.CONTINUE;
    }
    if (before) {
      return BeamValue.END;
    }
    if (after) {
      return BeamValue.BEGIN;
    }
    return event == group.first() ? BeamValue.FORWARD_HOOK : BeamValue.BACKWARD_HOOK;
  }
}
