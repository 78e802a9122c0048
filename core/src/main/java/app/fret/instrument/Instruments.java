package app.fret.instrument;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The instruments Fret knows, read from the resource files beside this class. */
public final class Instruments {
  /** Names of the instruments whose left hand Fret plans. */
  public static final List<String> NAMES = List.of("violin", "viola", "cello", "bass");

  private static final Map<String, InstrumentCustoms> CUSTOMS = new ConcurrentHashMap<>();

  private Instruments() {}

  /**
   * What is usual on an instrument besides its left hand.
   *
   * @throws IllegalArgumentException when there is no profile of that name
   */
  public static InstrumentCustoms customs(String name) {
    return CUSTOMS.computeIfAbsent(name, n -> profile(n).customs());
  }

  /**
   * An instrument in its usual set-up.
   *
   * @throws IllegalArgumentException when there is no profile of that name
   */
  public static Instrument named(String name) {
    return profile(name).usual();
  }

  /** Names of the schools of the left hand on an instrument, the default first; may be empty. */
  public static List<String> schools(String name) {
    return profile(name).schools();
  }

  /** Names of other usual set-ups of an instrument, such as {@code five-string}; may be empty. */
  public static List<String> setUps(String name) {
    return profile(name).setUps();
  }

  /**
   * An instrument as another school fingers it.
   *
   * @throws IllegalArgumentException when the instrument has no such school
   */
  public static Instrument inSchool(Instrument instrument, String school) {
    return instrument.withFrames(profile(instrument.name()).framesOf(school));
  }

  /**
   * An instrument in another of its usual set-ups.
   *
   * @throws IllegalArgumentException when the instrument has no such set-up
   */
  public static Instrument inSetUp(Instrument instrument, String setUp) {
    return profile(instrument.name()).setUp(instrument, setUp);
  }

  /**
   * An instrument tuned otherwise.
   *
   * @param sounding what the open strings sound, string I first, such as {@code E5 A4 D4 A3}
   * @throws IllegalArgumentException when a name is no pitch or their number is not that of the
   *     strings
   */
  public static Instrument tuned(Instrument instrument, List<String> sounding) {
    if (sounding.size() != instrument.stringCount()) {
      throw new IllegalArgumentException(
          "a tuning of "
              + sounding.size()
              + " strings; the "
              + instrument.name()
              + " has "
              + instrument.stringCount());
    }
    return instrument.withStrings(sounding.stream().map(OpenString::sounding).toList());
  }

  private static InstrumentProfile profile(String name) {
    if (!NAMES.contains(name)) {
      throw new IllegalArgumentException("no instrument '" + name + "'; use " + allNames());
    }
    return InstrumentProfile.read(name);
  }

  private static String allNames() {
    int last = NAMES.size() - 1;
    return String.join(", ", NAMES.subList(0, last)) + " or " + NAMES.get(last);
  }
}
