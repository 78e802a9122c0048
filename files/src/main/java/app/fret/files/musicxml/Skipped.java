package app.fret.files.musicxml;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Collects what a reader passes over, by kind, with the bars it was found in. */
final class Skipped {
  /** A bar with more in it than its metre asks for, which is kept as it is. */
  static final String TOO_LONG = "a bar longer than its metre, kept as it is";

  private static final int BARS_NAMED = 12;

  private final Map<String, Set<String>> barsByKind = new LinkedHashMap<>();

  void add(String kind, String bar) {
    barsByKind.computeIfAbsent(kind, k -> new LinkedHashSet<>()).add(bar);
  }

  /** A remark that belongs to no bar. */
  void add(String remark) {
    barsByKind.computeIfAbsent(remark, k -> new LinkedHashSet<>());
  }

  List<String> list() {
    List<String> lines = new ArrayList<>();
    barsByKind.forEach((kind, bars) -> lines.add(bars.isEmpty() ? kind : kind + where(bars)));
    return lines;
  }

  private static String where(Set<String> bars) {
    List<String> named = bars.stream().limit(BARS_NAMED).toList();
    int more = bars.size() - named.size();
    return (bars.size() == 1 ? " in bar " : " in bars ")
        + String.join(", ", named)
        + (more > 0 ? " and " + more + " more" : "");
  }
}
