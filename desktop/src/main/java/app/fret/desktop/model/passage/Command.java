package app.fret.desktop.model.passage;

import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.practice.schedule.MissKind;
import app.fret.score.Finger;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * Something that a key or a button can ask of the open passage. Keys, buttons and the help page all
 * read the one list {@link #ALL}: a new command is a line here.
 */
public final class Command {
  public static final Command NEXT_NOTE =
      new Command("Select the next note", keys("Right"), d -> d.selection().step(1));
  public static final Command PREVIOUS_NOTE =
      new Command("Select the note before", keys("Left"), d -> d.selection().step(-1));
  public static final Command EXTEND_NEXT =
      new Command("Select one note more", keys("Shift+Right"), d -> d.selection().extend(1));
  public static final Command EXTEND_PREVIOUS =
      new Command(
          "Select back to the note before", keys("Shift+Left"), d -> d.selection().extend(-1));
  public static final Command PIN_OPEN =
      new Command(
          "Pin the open string", keys("0", "Numpad 0"), d -> d.leftHand().pinFinger(Finger.OPEN));
  public static final Command PIN_FIRST =
      new Command("Pin finger 1", keys("1", "Numpad 1"), d -> d.leftHand().pinFinger(Finger.FIRST));
  public static final Command PIN_SECOND =
      new Command(
          "Pin finger 2", keys("2", "Numpad 2"), d -> d.leftHand().pinFinger(Finger.SECOND));
  public static final Command PIN_THIRD =
      new Command("Pin finger 3", keys("3", "Numpad 3"), d -> d.leftHand().pinFinger(Finger.THIRD));
  public static final Command PIN_FOURTH =
      new Command(
          "Pin finger 4", keys("4", "Numpad 4"), d -> d.leftHand().pinFinger(Finger.FOURTH));
  public static final Command PIN_THUMB =
      new Command("Pin the thumb", keys("T"), d -> d.leftHand().pinFinger(Finger.THUMB));
  public static final Command PIN_STRING_1 =
      new Command("Pin string I", keys("Alt+1"), d -> d.leftHand().pinString(1));
  public static final Command PIN_STRING_2 =
      new Command("Pin string II", keys("Alt+2"), d -> d.leftHand().pinString(2));
  public static final Command PIN_STRING_3 =
      new Command("Pin string III", keys("Alt+3"), d -> d.leftHand().pinString(3));
  public static final Command PIN_STRING_4 =
      new Command("Pin string IV", keys("Alt+4"), d -> d.leftHand().pinString(4));
  public static final Command PIN_STRING_5 =
      new Command("Pin string V", keys("Alt+5"), d -> d.leftHand().pinString(5));
  public static final Command PIN_AS_SHOWN =
      new Command("Pin finger and string as shown", keys("P"), d -> d.leftHand().pinAsShown());
  public static final Command FREE =
      new Command("Free the note", keys("Delete"), d -> d.leftHand().free());
  public static final Command DOWN_BOW =
      new Command("Take it on a down-bow", keys("D"), d -> d.bow().decide(Act.DOWN));
  public static final Command UP_BOW =
      new Command("Take it on an up-bow", keys("U"), d -> d.bow().decide(Act.UP));
  public static final Command SPLIT =
      new Command("Split the slur after the note", keys("S"), d -> d.bow().decide(Act.SPLIT));
  public static final Command JOIN =
      new Command("Slur it to the stroke before", keys("J"), d -> d.bow().decide(Act.JOIN));
  public static final Command HOOK =
      new Command("Hook it to the stroke before", keys("H"), d -> d.bow().decide(Act.HOOK));
  public static final Command RETAKE =
      new Command("Take the bow back before it", keys("R"), d -> d.bow().decide(Act.RETAKE));
  public static final Command FREE_STROKE =
      new Command("Free the stroke", keys("Delete"), d -> d.bow().free());
  public static final Command PATTERNS =
      new Command(
          "Select the phrase and offer bowing patterns for it",
          keys("G"),
          d -> d.bow().selectPhrase());
  public static final Command PEAK_HERE =
      new Command("Put the peak of the phrase here", keys("P"), d -> d.shape().setPeakHere());
  public static final Command PEAK_BACK =
      new Command("Move the peak a note back", keys("Alt+Left"), d -> d.shape().movePeak(-1));
  public static final Command PEAK_ON =
      new Command("Move the peak a note on", keys("Alt+Right"), d -> d.shape().movePeak(1));
  public static final Command BEGIN_PHRASE =
      new Command(
          "Begin a phrase here, or join it to the one before",
          keys("B"),
          d -> d.shape().beginPhraseHere());
  public static final Command BRING_OUT =
      new Command("Bring the selected notes out, or not", keys("O"), d -> d.shape().bringOut());
  public static final Command UNDO = new Command("Undo", keys("Ctrl+Z"), PassageDesk::undo);
  public static final Command REDO = new Command("Redo", keys("Ctrl+Shift+Z"), PassageDesk::redo);
  public static final Command CLEAN =
      new Command("Log a clean pass", keys("C"), d -> d.practise().log(true));
  public static final Command MISS =
      new Command("Log a miss", keys("M"), d -> d.practise().log(false));

  /** What went wrong, by the keys 1 to 8 in the order they are offered. */
  public static final List<Command> MISSED =
      List.of(
          missed("1", MissKind.LOW),
          missed("2", MissKind.HIGH),
          missed("3", MissKind.LATE),
          missed("4", MissKind.EARLY),
          missed("5", MissKind.SCRATCHED),
          missed("6", MissKind.STRING),
          missed("7", MissKind.OUT_OF_BOW),
          missed("8", MissKind.MEMORY));

  public static final Command MISSED_TOO =
      new Command(
          "What is said next also went wrong in the same pass",
          keys("A"),
          d -> d.practise().said().switchGoesOn());
  public static final Command TAP =
      new Command("Tap the beat or the bar along", keys("T"), d -> d.practise().tap());
  public static final Command HURTS =
      new Command("It hurts or tires: end the card", keys("X"), d -> d.practise().hurts());
  public static final Command SLIP =
      new Command("Take the newest pass back", keys("Backspace"), d -> d.practise().slip());
  public static final Command CARD_DONE =
      new Command(
          "Tick the card off and go on", keys("Enter"), d -> d.day().ifPresent(PracticeDay::tick));
  public static final Command NEXT_CARD =
      new Command("Open the next card", keys("Down"), d -> d.day().ifPresent(day -> day.step(1)));
  public static final Command PREVIOUS_CARD =
      new Command("Open the card before", keys("Up"), d -> d.day().ifPresent(day -> day.step(-1)));
  public static final Command CLICK =
      new Command(
          "Switch the click on or off",
          keys("K"),
          d -> d.practise().pulse().ifPresent(PulseDesk::switchClick));
  public static final Command START_PULSE =
      new Command(
          "Start the pulse, or stop it",
          keys("Space"),
          d -> d.practise().pulse().ifPresent(PulseDesk::startOrStop));
  public static final Command LOOP =
      new Command(
          "Loop the selected bars, or all",
          keys("L"),
          d -> d.practise().pulse().ifPresent(PulseDesk::switchLoop));
  public static final Command TICK =
      new Command(
          "Tick off what is to be seen here and go on", keys("Enter"), d -> d.read().tickAndGoOn());
  public static final Command SAVE =
      new Command(
          "Nothing to save: every change is kept at once", keys("Ctrl+S"), PassageDesk::save);

  private static Command missed(String key, MissKind kind) {
    return new Command(
        "It was " + kind.words() + ": say so of the miss, or log one",
        keys(key, "Numpad " + key),
        d -> d.practise().said().missed(kind));
  }

  private static final List<Command> BEFORE_MISSES =
      List.of(
          NEXT_NOTE,
          PREVIOUS_NOTE,
          EXTEND_NEXT,
          EXTEND_PREVIOUS,
          PIN_OPEN,
          PIN_FIRST,
          PIN_SECOND,
          PIN_THIRD,
          PIN_FOURTH,
          PIN_STRING_1,
          PIN_STRING_2,
          PIN_STRING_3,
          PIN_STRING_4,
          PIN_STRING_5,
          PIN_THUMB,
          PIN_AS_SHOWN,
          FREE,
          DOWN_BOW,
          UP_BOW,
          SPLIT,
          JOIN,
          HOOK,
          RETAKE,
          FREE_STROKE,
          PATTERNS,
          PEAK_HERE,
          PEAK_BACK,
          PEAK_ON,
          BEGIN_PHRASE,
          BRING_OUT,
          UNDO,
          REDO,
          CLEAN,
          MISS);

  private static final List<Command> AFTER_MISSES =
      List.of(
          MISSED_TOO,
          TAP,
          HURTS,
          SLIP,
          CARD_DONE,
          NEXT_CARD,
          PREVIOUS_CARD,
          CLICK,
          START_PULSE,
          LOOP,
          TICK,
          SAVE);

  /** All commands, in the order of the help page. */
  public static final List<Command> ALL =
      Stream.of(BEFORE_MISSES, MISSED, AFTER_MISSES).flatMap(List::stream).toList();

  private final String words;
  private final List<String> keys;
  private final Consumer<PassageDesk> action;

  private Command(String words, List<String> keys, Consumer<PassageDesk> action) {
    this.words = words;
    this.keys = keys;
    this.action = action;
  }

  private static List<String> keys(String... keys) {
    return List.of(keys);
  }

  /** What it does, in plain words. */
  public String words() {
    return words;
  }

  /** Keys that ask for it, such as {@code Ctrl+Z}; the first is the one that help names. */
  public List<String> keys() {
    return keys;
  }

  /** Whether one key asks for both. */
  public boolean sharesAKeyWith(Command other) {
    return keys.stream().anyMatch(other.keys::contains);
  }

  /** Does it. */
  void carryOut(PassageDesk desk) {
    action.accept(desk);
  }

  @Override
  public String toString() {
    return words;
  }
}
