package app.fret.files.musicxml;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Event;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Transposition;
import jakarta.xml.bind.JAXBException;
import jakarta.xml.bind.Marshaller;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.BackwardForward;
import org.audiveris.proxymusic.BarStyle;
import org.audiveris.proxymusic.BarStyleColor;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.Ending;
import org.audiveris.proxymusic.Key;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Offset;
import org.audiveris.proxymusic.PartList;
import org.audiveris.proxymusic.PartName;
import org.audiveris.proxymusic.Repeat;
import org.audiveris.proxymusic.RightLeftMiddle;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.StartStopDiscontinue;
import org.audiveris.proxymusic.Time;
import org.audiveris.proxymusic.TimeSymbol;
import org.audiveris.proxymusic.Transpose;
import org.audiveris.proxymusic.Work;
import org.audiveris.proxymusic.YesNo;

/**
 * Writes a passage as MusicXML 4.0, partwise. What it writes reads back as an equal passage.
 *
 * <p>Divisions are the least that count every length of the passage exactly.
 */
public final class MusicXmlWriter {
  private static final String HEAD =
      """
      <?xml version="1.0" encoding="UTF-8"?>
      <!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" \
      "http://www.musicxml.org/dtds/partwise.dtd">
      """;

  /**
   * Writes the passage.
   *
   * @param out where to; left open
   * @throws IOException when it cannot be written
   */
  public void write(Passage passage, OutputStream out) throws IOException {
    try {
      Marshaller marshaller = SafeXml.binding().createMarshaller();
      marshaller.setProperty(Marshaller.JAXB_FRAGMENT, true);
      marshaller.setProperty(Marshaller.JAXB_FORMATTED_OUTPUT, true);
      out.write(HEAD.getBytes(StandardCharsets.UTF_8));
      marshaller.marshal(new Task(passage).score(), out);
    } catch (JAXBException e) {
      if (e.getLinkedException() instanceof IOException cause) {
        throw cause;
      }
      throw new IOException("the passage cannot be written as MusicXML", e);
    }
  }

  /** What belongs to one call. */
  private static final class Task {
    private final ObjectFactory factory = new ObjectFactory();
    private final Passage passage;
    private final int divisionsPerQuarter;
    private final NoteWriter notes;
    private final List<DirectionWriter.Placed> directions;
    private int nextEvent;
    private int nextDirection;
    private String openEnding = "1";

    Task(Passage passage) {
      this.passage = passage;
      this.directions = new DirectionWriter(factory).write(passage.directions());
      this.divisionsPerQuarter = divisions(passage, directions);
      this.notes = new NoteWriter(factory, divisionsPerQuarter, passage);
    }

    private static int divisions(Passage passage, List<DirectionWriter.Placed> directions) {
      long divisions = 1;
      for (Bar bar : passage.bars()) {
        divisions = lcm(divisions, bar.length());
        for (Bar.ClefAt clef : bar.clefs()) {
          divisions = lcm(divisions, clef.onset());
        }
      }
      for (Event event : passage.events()) {
        divisions = lcm(divisions, event.length());
      }
      for (DirectionWriter.Placed direction : directions) {
        divisions = lcm(divisions, direction.onset());
      }
      return Math.toIntExact(divisions);
    }

    private static long lcm(long one, Fraction length) {
      long other = length.multiply(4).getDenominator();
      return one / BigInteger.valueOf(one).gcd(BigInteger.valueOf(other)).longValueExact() * other;
    }

    ScorePartwise score() {
      ScorePartwise score = factory.createScorePartwise();
      score.setVersion("4.0");
      Work work = factory.createWork();
      work.setWorkTitle(passage.title());
      score.setWork(work);
      ScorePart scorePart = factory.createScorePart();
      scorePart.setId("P1");
      PartName name = factory.createPartName();
      name.setValue(passage.partName());
      scorePart.setPartName(name);
      PartList list = factory.createPartList();
      list.getPartGroupOrScorePart().add(scorePart);
      score.setPartList(list);
      ScorePartwise.Part part = factory.createScorePartwisePart();
      part.setId(scorePart);
      for (int i = 0; i < passage.bars().size(); i++) {
        part.getMeasure().add(measure(i));
      }
      score.getPart().add(part);
      return score;
    }

    private ScorePartwise.Part.Measure measure(int index) {
      Bar bar = passage.bars().get(index);
      ScorePartwise.Part.Measure measure = factory.createScorePartwisePartMeasure();
      measure.setNumber(bar.label());
      if (bar.uncounted()) {
        measure.setImplicit(YesNo.YES);
      }
      List<Object> into = measure.getNoteOrBackupOrForward();
      addLeftBarline(bar, into);
      addAttributes(index, into);
      int clef = 1;
      while (nextEvent < passage.events().size()
          && passage.events().get(nextEvent).bar() == index) {
        Event event = passage.events().get(nextEvent);
        addDirections(event.onset(), event.end(), into);
        clef = addClefs(bar, clef, event, into);
        into.addAll(notes.write(event, nextEvent));
        nextEvent++;
      }
      addDirections(bar.end(), index == passage.bars().size() - 1 ? null : bar.end(), into);
      addRightBarline(bar, into);
      return measure;
    }

    /** Directions that stand before {@code until}, given at {@code at} with an offset if needed. */
    private void addDirections(Fraction at, Fraction until, List<Object> into) {
      while (nextDirection < directions.size()) {
        DirectionWriter.Placed placed = directions.get(nextDirection);
        boolean due = until == null || placed.onset().compareTo(until) < 0;
        if (!due) {
          return;
        }
        Direction direction = placed.direction();
        if (!placed.onset().equals(at)) {
          Offset offset = factory.createOffset();
          offset.setValue(notes.duration(placed.onset().subtract(at)));
          direction.setOffset(offset);
        }
        into.add(direction);
        nextDirection++;
      }
    }

    /** Clef changes before the event ends; returns the number of the next one. */
    private int addClefs(Bar bar, int next, Event event, List<Object> into) {
      int clef = next;
      while (clef < bar.clefs().size()
          && bar.clefs().get(clef).onset().compareTo(event.end()) < 0) {
        Attributes attributes = factory.createAttributes();
        attributes.getClef().add(clef(bar.clefs().get(clef).clef()));
        Fraction inside = bar.clefs().get(clef).onset().subtract(event.onset());
        if (inside.signum() > 0) {
          var forward = factory.createForward();
          forward.setDuration(notes.duration(inside));
          into.add(forward);
        }
        into.add(attributes);
        if (inside.signum() > 0) {
          var backup = factory.createBackup();
          backup.setDuration(notes.duration(inside));
          into.add(backup);
        }
        clef++;
      }
      return clef;
    }

    private void addAttributes(int index, List<Object> into) {
      Bar bar = passage.bars().get(index);
      Attributes attributes = factory.createAttributes();
      boolean first = index == 0;
      Bar before = first ? bar : passage.bars().get(index - 1);
      Clef clefBefore = before.clefs().get(before.clefs().size() - 1).clef();
      boolean newKey = first || !bar.key().equals(before.key());
      boolean newMetre = first || !bar.metre().equals(before.metre());
      boolean newClef = first || !bar.clefs().get(0).clef().equals(clefBefore);
      if (first) {
        attributes.setDivisions(BigDecimal.valueOf(divisionsPerQuarter));
        passage.transposition().ifPresent(t -> attributes.getTranspose().add(transpose(t)));
      }
      if (newKey) {
        Key key = factory.createKey();
        key.setFifths(BigInteger.valueOf(bar.key().fifths()));
        attributes.getKey().add(key);
      }
      if (newMetre) {
        attributes.getTime().add(time(bar.metre()));
      }
      if (newClef) {
        attributes.getClef().add(clef(bar.clefs().get(0).clef()));
      }
      if (newKey || newMetre || newClef) {
        into.add(attributes);
      }
    }

    private Time time(Metre metre) {
      Time time = factory.createTime();
      if (metre.isFree()) {
        time.setSenzaMisura("");
        return time;
      }
      String groups = metre.groups().stream().map(String::valueOf).collect(Collectors.joining("+"));
      time.getTimeSignature().add(factory.createTimeBeats(groups));
      time.getTimeSignature().add(factory.createTimeBeatType(String.valueOf(metre.unit())));
      if (metre.sign() != Metre.Sign.FIGURES) {
        time.setSymbol(metre.sign() == Metre.Sign.CUT ? TimeSymbol.CUT : TimeSymbol.COMMON);
      }
      return time;
    }

    private org.audiveris.proxymusic.Clef clef(Clef source) {
      org.audiveris.proxymusic.Clef clef = factory.createClef();
      clef.setSign(ClefSign.fromValue(source.sign().name()));
      clef.setLine(BigInteger.valueOf(source.line()));
      if (source.octaves() != 0) {
        clef.setClefOctaveChange(BigInteger.valueOf(source.octaves()));
      }
      return clef;
    }

    private Transpose transpose(Transposition transposition) {
      Transpose transpose = factory.createTranspose();
      transpose.setChromatic(BigDecimal.valueOf(transposition.semitones() % 12));
      if (transposition.semitones() / 12 != 0) {
        transpose.setOctaveChange(BigInteger.valueOf(transposition.semitones() / 12));
      }
      return transpose;
    }

    private void addLeftBarline(Bar bar, List<Object> into) {
      if (!bar.edges().repeatStart() && bar.edges().endingStart().isEmpty()) {
        return;
      }
      Barline barline = factory.createBarline();
      barline.setLocation(RightLeftMiddle.LEFT);
      if (bar.edges().repeatStart()) {
        barline.setBarStyle(style(BarStyle.HEAVY_LIGHT));
      }
      bar.edges()
          .endingStart()
          .ifPresent(
              number -> {
                openEnding = number;
                barline.setEnding(ending(number, StartStopDiscontinue.START));
              });
      if (bar.edges().repeatStart()) {
        Repeat repeat = factory.createRepeat();
        repeat.setDirection(BackwardForward.FORWARD);
        barline.setRepeat(repeat);
      }
      into.add(barline);
    }

    private void addRightBarline(Bar bar, List<Object> into) {
      Bar.Edges edges = bar.edges();
      if (edges.repeatTimes() == 0 && !edges.endingStop() && edges.line() == Bar.Line.PLAIN) {
        return;
      }
      Barline barline = factory.createBarline();
      barline.setLocation(RightLeftMiddle.RIGHT);
      if (edges.repeatTimes() > 0) {
        barline.setBarStyle(style(BarStyle.LIGHT_HEAVY));
        Repeat repeat = factory.createRepeat();
        repeat.setDirection(BackwardForward.BACKWARD);
        repeat.setTimes(BigInteger.valueOf(edges.repeatTimes()));
        barline.setRepeat(repeat);
      } else if (edges.line() != Bar.Line.PLAIN) {
        barline.setBarStyle(
            style(edges.line() == Bar.Line.DOUBLE ? BarStyle.LIGHT_LIGHT : BarStyle.LIGHT_HEAVY));
      }
      if (edges.endingStop()) {
        barline.setEnding(ending(openEnding, StartStopDiscontinue.STOP));
      }
      into.add(barline);
    }

    private BarStyleColor style(BarStyle style) {
      BarStyleColor color = factory.createBarStyleColor();
      color.setValue(style);
      return color;
    }

    private Ending ending(String number, StartStopDiscontinue type) {
      Ending ending = factory.createEnding();
      ending.setNumber(number);
      ending.setType(type);
      return ending;
    }
  }
}
