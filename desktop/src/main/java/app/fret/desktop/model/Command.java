package app.fret.desktop.model;

/** What a key or a button can ask for, in the words of the help page. */
public enum Command {
  NEXT_NOTE("Select the next note"),
  PREVIOUS_NOTE("Select the note before"),
  EXTEND_NEXT("Select one note more"),
  EXTEND_PREVIOUS("Select back to the note before"),
  PIN_OPEN("Pin the open string"),
  PIN_FIRST("Pin finger 1"),
  PIN_SECOND("Pin finger 2"),
  PIN_THIRD("Pin finger 3"),
  PIN_FOURTH("Pin finger 4"),
  PIN_THUMB("Pin the thumb"),
  PIN_STRING_1("Pin string I"),
  PIN_STRING_2("Pin string II"),
  PIN_STRING_3("Pin string III"),
  PIN_STRING_4("Pin string IV"),
  PIN_STRING_5("Pin string V"),
  PIN_AS_SHOWN("Pin finger and string as shown"),
  FREE("Free the note"),
  UNDO("Undo"),
  REDO("Redo"),
  CLEAN("Log a clean pass"),
  MISS("Log a miss"),
  SAVE("Nothing to save: every change is kept at once");

  private final String words;

  Command(String words) {
    this.words = words;
  }

  /** What it does, in plain words. */
  public String words() {
    return words;
  }
}
