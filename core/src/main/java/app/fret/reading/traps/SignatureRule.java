package app.fret.reading.traps;

import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Bar;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Changes of metre, of the groups of one metre, and of key. */
final class SignatureRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    List<Bar> bars = page.passage().bars();
    for (int i = 1; i < bars.size(); i++) {
      Bar before = bars.get(i - 1);
      Bar now = bars.get(i);
      page.firstFrom(i)
          .ifPresent(
              note -> {
                addMetre(before.metre(), now.metre(), note, traps);
                addKey(before.key(), now.key(), note, traps);
              });
    }
    return traps;
  }

  private static void addMetre(Metre before, Metre now, int note, List<Trap> traps) {
    boolean same = before.groups().equals(now.groups()) && before.unit() == now.unit();
    if (same || now.isFree()) {
      return;
    }
    if (before.upper() == now.upper() && before.unit() == now.unit()) {
      traps.add(
          new Trap(
              Kind.GROUPING_CHANGE,
              note,
              "Now " + groups(now) + ", no longer " + groups(before) + ": the strong beat moves."));
    } else {
      traps.add(
          new Trap(
              Kind.METRE_CHANGE,
              note,
              "Now " + now + ", before " + before + ": " + stays(before, now) + "."));
    }
  }

  private static String groups(Metre metre) {
    return metre.groups().stream().map(String::valueOf).collect(Collectors.joining("+"));
  }

  private static String stays(Metre before, Metre now) {
    return before.unit() == now.unit()
        ? "the " + value(now.unit()) + " stays, the bar holds " + now.upper()
        : "count in " + value(Math.max(before.unit(), now.unit())) + "s across the bar line";
  }

  private static String value(int unit) {
    return switch (unit) {
      case 1 -> "whole";
      case 2 -> "half";
      case 4 -> "quarter";
      case 8 -> "eighth";
      case 16 -> "sixteenth";
      default -> "short note";
    };
  }

  private static void addKey(Key before, Key now, int note, List<Trap> traps) {
    if (!before.equals(now)) {
      traps.add(
          new Trap(Kind.KEY_CHANGE, note, "New key: " + changes(before, now) + " from here."));
    }
  }

  private static String changes(Key before, Key now) {
    List<String> changed = new ArrayList<>();
    for (Step step : Step.values()) {
      if (before.alterOf(step) != now.alterOf(step)) {
        String sign = now.alterOf(step) > 0 ? "♯" : now.alterOf(step) < 0 ? "♭" : " natural";
        changed.add(step + sign);
      }
    }
    return String.join(", ", changed);
  }
}
