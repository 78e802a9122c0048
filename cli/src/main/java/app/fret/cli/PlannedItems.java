package app.fret.cli;

import app.fret.files.ScoreRejectedException;
import app.fret.files.practice.KeptPlaces;
import app.fret.files.practice.Programme;
import app.fret.practice.Gate;
import app.fret.practice.schedule.Item;
import app.fret.reading.Material;
import app.fret.reading.PlayedNote;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.study.ProgrammeItem;
import app.fret.study.ProgrammeItem.HardPlaces;
import app.fret.study.Study;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Makes the items of a programme: passages are planned, or what was kept of their plan is read. */
final class PlannedItems {
  /** Names the folder of what is kept where it is not the usual one. */
  private static final String FOLDER_PROPERTY = "fret.kept";

  private final Path programme;
  private final boolean wholePlans;
  private final KeptPlaces kept;

  /**
   * Items of a programme's file.
   *
   * @param programme the file; scores stand beside it
   * @param wholePlans whether every passage is planned, whatever was kept of it
   */
  PlannedItems(Path programme, boolean wholePlans) {
    this.programme = programme;
    this.wholePlans = wholePlans;
    String usual = Path.of(System.getProperty("user.home"), ".fret", "kept").toString();
    Path folder = Path.of(System.getProperty(FOLDER_PROPERTY, usual));
    this.kept = new KeptPlaces(folder, KeptPlaces.thisProgram());
  }

  /**
   * An item with what was made for it, or what went wrong.
   *
   * @param material what a passage is made of
   * @param study the plan of a passage, where it was planned
   * @param skipped lines about what its score holds and Fret does not read
   */
  record Made(
      String id,
      Optional<Item> item,
      Optional<Material> material,
      Optional<Study> study,
      List<String> skipped,
      Optional<Exception> failure) {
    private static Made without(String id, Optional<Item> item, Optional<Exception> failure) {
      return new Made(id, item, Optional.empty(), Optional.empty(), List.of(), failure);
    }

    void throwFailure() throws Exception {
      if (failure.isPresent()) {
        throw failure.get();
      }
    }
  }

  /** Passages are planned side by side; the first that cannot be is the one that is spoken of. */
  List<Made> of(Programme whole) {
    return whole.items().parallelStream().map(this::made).toList();
  }

  private Made made(Programme.Entry entry) {
    try {
      return entry.kind() == Item.Kind.PASSAGE ? passage(entry) : other(entry);
    } catch (IllegalArgumentException | ScoreRejectedException | IOException e) {
      return Made.without(entry.id(), Optional.empty(), Optional.of(e));
    }
  }

  private static Made other(Programme.Entry entry) {
    Item item =
        new Item(
                entry.id(),
                entry.title(),
                entry.kind(),
                new Tempo(BeatUnit.QUARTER, entry.perMinute().orElse(60)),
                entry.clean().orElse(60),
                Gate.USUAL,
                entry.due(),
                0,
                0,
                "",
                entry.minutes().orElseThrow(),
                List.of(),
                Optional.empty())
            .withNotes(entry.notes());
    return Made.without(entry.id(), Optional.of(item), Optional.empty());
  }

  private Made passage(Programme.Entry entry) throws ScoreRejectedException, IOException {
    try {
      Path score = beside(programme).resolve(OutputName.of(entry.file().orElseThrow()));
      List<String> typed = options(entry);
      OptionTable table = new OptionTable();
      PlanOptions.addTo(table);
      List<String> line = new ArrayList<>(typed);
      line.add(score.toString());
      PlanOptions plan = new PlanOptions(Arguments.of(table, line));
      PlanOptions.Opened opened = plan.open();
      String key = kept.key(Files.readAllBytes(score), typed);
      Optional<HardPlaces> known = wholePlans ? Optional.empty() : kept.find(key);
      Optional<Study> study = Optional.empty();
      if (known.isEmpty()) {
        study = Optional.of(plan.study(opened, step -> {}));
        known = study.map(ProgrammeItem::hardPlaces);
        kept.keep(key, known.get());
      }
      Item item =
          ProgrammeItem.of(entry.id(), entry.title(), opened.choices(), known.get(), entry.due())
              .withNotes(entry.notes());
      return new Made(
          entry.id(),
          Optional.of(item),
          Optional.of(Material.of(PlayedNote.of(opened.passage()))),
          study,
          opened.skipped().stream().map(s -> "fret: " + entry.id() + ": " + s).toList(),
          Optional.empty());
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException("item " + entry.id() + ": " + e.getMessage(), e);
    }
  }

  /** An item takes the options of a plan. */
  private static List<String> options(Programme.Entry entry) {
    Map<String, Optional<String>> values = new LinkedHashMap<>();
    values.put("instrument", entry.instrument());
    values.put("part", entry.part());
    values.put("bars", entry.bars());
    values.put("hand", entry.hand());
    values.put("setup", entry.setUp());
    values.put("profile", entry.profile());
    values.put("beat", entry.beat());
    values.put("occasion", entry.occasion());
    values.put("target", number(entry.perMinute()));
    values.put("clean", number(entry.clean()));
    List<String> typed = new ArrayList<>();
    values.forEach(
        (name, value) ->
            value.ifPresent(
                v -> {
                  typed.add("--" + name);
                  typed.add(v);
                }));
    return typed;
  }

  private static Optional<String> number(OptionalDouble value) {
    return value.isPresent() ? Optional.of(String.valueOf(value.getAsDouble())) : Optional.empty();
  }

  /** The folder in which the scores of a programme stand. */
  static Path beside(Path programme) {
    return programme.toAbsolutePath().getParent();
  }
}
