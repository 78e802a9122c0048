package app.fret.practice.drill;

import app.fret.score.Marks;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** Chains of beat groups. Each link ends on the first note of the group behind it. */
final class ChainDrills {
  private static final int MOST_GROUPS = 6;
  private static final int JOINT_TIMES = 4;

  private final DrillSource source;
  private final int landing;
  private final List<List<Integer>> groups = new ArrayList<>();

  private ChainDrills(DrillSource source, Span notes) {
    this.source = source;
    for (int note : source.timed(notes)) {
      if (groups.isEmpty() || source.brief().reading().beats().begins(note)) {
        groups.add(new ArrayList<>());
      }
      groups.get(groups.size() - 1).add(note);
    }
    boolean endsOnLanding = groups.size() > 2 && groups.get(groups.size() - 1).size() == 1;
    this.landing =
        endsOnLanding ? groups.remove(groups.size() - 1).get(0) : after(source, notes.last());
    if (groups.size() == 2) {
      halve();
    }
    while (groups.size() > MOST_GROUPS) {
      joinPairs();
    }
  }

  /** Two groups make no chain: they go by halves, down to single notes. */
  private void halve() {
    List<List<Integer>> halves = new ArrayList<>();
    for (List<Integer> group : groups) {
      int middle = (group.size() + 1) / 2;
      halves.add(new ArrayList<>(group.subList(0, middle)));
      if (middle < group.size()) {
        halves.add(new ArrayList<>(group.subList(middle, group.size())));
      }
    }
    groups.clear();
    groups.addAll(halves);
  }

  private void joinPairs() {
    for (int i = 0; i + 1 < groups.size(); i++) {
      groups.get(i).addAll(groups.remove(i + 1));
    }
  }

  /** The note on which a span ends in the music; −1 at its end. */
  private static int after(DrillSource source, int last) {
    int next = last + 1;
    while (next < source.count() && source.note(next).isGrace()) {
      next++;
    }
    return source.isPlayable(next) && source.silenceBefore(next).signum() == 0 ? next : -1;
  }

  static Optional<DrillMusic> forward(DrillSource source, Span notes) {
    ChainDrills chain = new ChainDrills(source, notes);
    return chain.made(
        sheet -> {
          for (int to = 0; to < chain.groups.size(); to++) {
            List<Integer> group = chain.groups.get(to);
            if (group.size() > 1) {
              chain.add(sheet, group, to == 0 ? "first group" : "the next group");
              List<Integer> back = new ArrayList<>(group);
              Collections.reverse(back);
              chain.addApart(sheet, back, "reversed");
            }
            chain.link(sheet, 0, to, to == 0 ? "to the next" : "one more");
          }
        });
  }

  static Optional<DrillMusic> back(DrillSource source, Span notes) {
    ChainDrills chain = new ChainDrills(source, notes);
    return chain.made(
        sheet -> {
          for (int from = chain.groups.size() - 1; from >= 0; from--) {
            chain.link(
                sheet,
                from,
                chain.groups.size() - 1,
                from == chain.groups.size() - 1 ? "the end" : "one more");
          }
        });
  }

  static Optional<DrillMusic> lastFirst(DrillSource source, Span notes) {
    ChainDrills chain = new ChainDrills(source, notes);
    return chain.made(
        sheet -> {
          int last = chain.groups.size() - 1;
          chain.link(sheet, last, last, "the last");
          for (int from = last - 1; from >= 0; from--) {
            chain.link(sheet, from, from, "before it");
            chain.link(sheet, from, last, "together");
          }
        });
  }

  /** The end of the first group and the start of the next, back and forth. */
  static Optional<DrillMusic> joint(DrillSource source, Span notes) {
    ChainDrills chain = new ChainDrills(source, notes);
    if (chain.groups.size() < 2) {
      return Optional.empty();
    }
    List<Integer> end = tail(chain.groups.get(0));
    List<Integer> start = chain.groups.get(1).subList(0, Math.min(2, chain.groups.get(1).size()));
    List<Integer> joint = new ArrayList<>(end);
    joint.addAll(start);
    return chain.made(
        sheet -> {
          for (int i = 0; i < JOINT_TIMES; i++) {
            chain.add(sheet, joint, i == 0 ? "the joint" : "again");
          }
        });
  }

  private static List<Integer> tail(List<Integer> group) {
    return group.subList(Math.max(0, group.size() - 2), group.size());
  }

  /** Fills a sheet. */
  private interface Filling {
    void into(Sheet sheet);
  }

  private Optional<DrillMusic> made(Filling filling) {
    if (groups.size() < 2) {
      return Optional.empty();
    }
    int first = groups.get(0).get(0);
    Sheet sheet = new Sheet(source, first, false);
    filling.into(sheet);
    return Optional.of(sheet.finish());
  }

  /** Groups and the first note of the one behind them. */
  private void link(Sheet sheet, int from, int to, String words) {
    List<Integer> link = new ArrayList<>();
    for (int i = from; i <= to; i++) {
      link.addAll(groups.get(i));
    }
    int next = to + 1 < groups.size() ? groups.get(to + 1).get(0) : landing;
    if (next >= 0) {
      link.add(next);
    }
    add(sheet, link, words);
  }

  private void add(Sheet sheet, List<Integer> link, String words) {
    sheet.again();
    for (int i = 0; i < link.size(); i++) {
      Piece piece = source.piece(link.get(i));
      piece = i == 0 ? piece.saying(words) : piece;
      boolean slurOn = i < link.size() - 1 && link.get(i + 1) == link.get(i) + 1;
      sheet.add(piece.slurred(piece.isSlurred() && slurOn));
    }
    sheet.endBar();
  }

  private void addApart(Sheet sheet, List<Integer> link, String words) {
    for (int i = 0; i < link.size(); i++) {
      Piece piece = source.plain(link.get(i)).marked(Marks.NONE);
      sheet.add(i == 0 ? piece.saying(words) : piece);
    }
    sheet.endBar();
  }
}
