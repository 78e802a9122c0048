package app.fret.bow.plane;

import java.util.List;
import java.util.Map;

/**
 * The bow arm's way over the strings.
 *
 * @param notes the angle and place of each note, in order
 * @param crossings how often the string changes
 * @param largestMm longest way of the hand at one crossing, without preparing it, in mm
 * @param preparedLargestMm the same when each angle is taken as near to the next as its string
 *     allows, in mm
 * @param totalMm the whole way, unprepared, in mm
 * @param preparedTotalMm the whole way, prepared, in mm
 * @param notesPerString notes on each string, by number; a double stop counts on its higher string
 * @param armLeads where the arm moves first
 * @param joints what moves the bow at each crossing
 */
public record PlanePlan(
    List<NotePlane> notes,
    int crossings,
    double largestMm,
    double preparedLargestMm,
    double totalMm,
    double preparedTotalMm,
    Map<Integer, Integer> notesPerString,
    List<ArmLead> armLeads,
    List<Crossing> joints) {
  public PlanePlan {
    notes = List.copyOf(notes);
    notesPerString = Map.copyOf(notesPerString);
    armLeads = List.copyOf(armLeads);
    joints = List.copyOf(joints);
  }

  /**
   * The plane of a note.
   *
   * @param string the string that carries it
   * @param degrees angle of the bow, from the middle; string I is positive
   * @param place place on the bow at its start
   */
  public record NotePlane(int string, double degrees, double place) {}

  /**
   * The arm is on its way before a note.
   *
   * @param note number of the note during which it moves
   * @param beforeNote number of the note before which it has arrived
   */
  public record ArmLead(int note, int beforeNote) {}

  /**
   * A crossing.
   *
   * @param note number of the note on the new string
   * @param joint what moves the bow
   * @param travelMm way of the hand, prepared, in mm
   */
  public record Crossing(int note, Joint joint, double travelMm) {}

  /** What moves the bow at a crossing (common practice; practitioners differ in the edges). */
  public enum Joint {
    WHOLE_ARM("whole arm"),
    FOREARM("forearm"),
    WRIST_AND_FINGERS("wrist and fingers");

    private final String words;

    Joint(String words) {
      this.words = words;
    }

    /** Its name for players and in files. */
    public String words() {
      return words;
    }
  }
}
