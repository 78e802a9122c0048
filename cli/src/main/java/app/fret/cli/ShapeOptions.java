package app.fret.cli;

import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.NoteRef;
import app.fret.shape.OwnLevel;
import app.fret.shape.OwnMarks;
import app.fret.shape.ShapeChoices;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The options that write phrases, levels and notes to bring out into a part. */
final class ShapeOptions {
  private static final String PHRASE = "phrase";
  private static final String LEVEL = "level";
  private static final String BRING_OUT = "bring-out";
  private static final String START = "start";
  private static final String JOIN = "join";
  private static final Pattern AT = Pattern.compile(NoteOption.FORM + "=(.+)");
  private static final Pattern OVER =
      Pattern.compile(NoteOption.FORM + "-" + NoteOption.FORM + "=(.+)");

  private final Arguments given;
  private final Reading reading;

  ShapeOptions(Arguments given, Reading reading) {
    this.given = given;
    this.reading = reading;
  }

  /** Adds these options to those of a command. */
  static void addTo(OptionTable table) {
    table
        .values(PHRASE, "BAR:INDEX=start|join", "A phrase begins with this note, or does not.")
        .values(
            LEVEL,
            "BAR:INDEX-BAR:INDEX=LEVEL",
            "A level over these notes, pppp to ffff or 1 to 10; two, as p>f, make a hairpin.")
        .values(BRING_OUT, "BAR:INDEX", "This note is to be heard above the others.");
  }

  /** What they ask for. */
  ShapeChoices choices() {
    OwnMarks own = OwnMarks.NONE;
    for (String text : given.texts(PHRASE)) {
      own = withPhrase(own, text);
    }
    for (String text : given.texts(LEVEL)) {
      own = own.with(level(text));
    }
    for (String text : given.texts(BRING_OUT)) {
      own = own.withBroughtOut(at(note(NoteOption.parse(text, BRING_OUT), BRING_OUT)), true);
    }
    return ShapeChoices.none().with(own);
  }

  private OwnMarks withPhrase(OwnMarks own, String text) {
    Matcher matcher = AT.matcher(text);
    boolean isRead =
        matcher.matches() && (matcher.group(3).equals(START) || matcher.group(3).equals(JOIN));
    if (!isRead) {
      throw new IllegalArgumentException(
          "--" + PHRASE + " '" + text + "'; write BAR:INDEX=start or BAR:INDEX=join");
    }
    PlayedNote note = note(option(matcher, 1), PHRASE);
    if (note.number() == 0) {
      throw new IllegalArgumentException(
          "--" + PHRASE + " " + text + ": the first phrase begins with the first note in any case");
    }
    return own.withBorder(at(note), matcher.group(3).equals(START));
  }

  private OwnLevel level(String text) {
    Matcher matcher = OVER.matcher(text);
    if (!matcher.matches()) {
      throw new IllegalArgumentException(
          "--" + LEVEL + " '" + text + "'; write BAR:INDEX-BAR:INDEX=LEVEL such as 3:1-4:6=p>f");
    }
    PlayedNote first = note(option(matcher, 1), LEVEL);
    PlayedNote last = note(option(matcher, 3), LEVEL);
    if (last.number() < first.number()) {
      throw new IllegalArgumentException("--" + LEVEL + " " + text + ": it ends before it begins");
    }
    String[] levels = matcher.group(5).split(">", -1);
    if (levels.length > 2) {
      throw new IllegalArgumentException(
          "--" + LEVEL + " " + text + ": a hairpin has two levels; write several stretches");
    }
    try {
      double from = OwnLevel.level(levels[0]);
      double to = OwnLevel.level(levels[levels.length - 1]);
      return new OwnLevel(at(first), at(last), from, to);
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("--" + LEVEL + " " + text + ": " + e.getMessage(), e);
    }
  }

  private static NoteOption option(Matcher matcher, int group) {
    return new NoteOption(matcher.group(group), Integer.parseInt(matcher.group(group + 1)));
  }

  private PlayedNote note(NoteOption option, String name) {
    return option.in(reading, "--" + name);
  }

  private NoteRef at(PlayedNote note) {
    return reading.places().top(note.number());
  }
}
