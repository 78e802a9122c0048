package app.fret.files.plan;

import app.fret.practice.drill.ProposedDrill;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** The drills of a passage as one JSON object, format {@code fret-drills}, version 1. */
public final class DrillListJson {
  private DrillListJson() {}

  /** Writes a list as JSON text. */
  public static String of(List<ProposedDrill> drills) {
    ObjectNode root = JsonNodeFactory.instance.objectNode();
    root.put("format", "fret-drills");
    root.put("version", 1);
    root.set("drills", PracticeJson.drills(drills));
    return PlanJson.text(root);
  }
}
