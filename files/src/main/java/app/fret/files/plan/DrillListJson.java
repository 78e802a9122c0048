package app.fret.files.plan;

import app.fret.study.Study;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** The drills of a passage as one JSON object, format {@code fret-drills}, version 1. */
public final class DrillListJson {
  private DrillListJson() {}

  /** Writes the list as JSON text. */
  public static String of(Study study) {
    ObjectNode root = JsonNodeFactory.instance.objectNode();
    root.put("format", "fret-drills");
    root.put("version", 1);
    root.set("drills", PracticeJson.drills(study.drills()));
    return PlanJson.text(root);
  }
}
