package app.fret.files.practice;

import app.fret.files.PrivateFiles;
import app.fret.files.WholeFile;
import app.fret.study.ProgrammeItem.HardPlaces;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Hard places of passages that were planned before, so that a programme of which nothing changed is
 * not planned anew. Each stands in a small file of its own, named by the digest of all that its
 * plan depends on: the score, the options, and the program that planned it.
 *
 * <p>Only a help: whatever is missing, damaged or cannot be written is planned as if nothing had
 * been kept.
 */
public final class KeptPlaces {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final int MOST_KEPT = 500;
  private static final String ENDING = ".places.json";

  private final Path folder;
  private final String program;

  /**
   * Those in a folder, which is made when something is to be kept.
   *
   * @param program what plans, such as {@link #thisProgram()}: another finds nothing of this one
   */
  public KeptPlaces(Path folder, String program) {
    this.folder = folder;
    this.program = program;
  }

  /**
   * The name of what a plan depends on.
   *
   * @param score the bytes of the score
   * @param options what was asked for, in a fixed order
   */
  public String key(byte[] score, List<String> options) {
    MessageDigest digest = sha256();
    digest.update(program.getBytes(StandardCharsets.UTF_8));
    for (String option : options) {
      digest.update(option.getBytes(StandardCharsets.UTF_8));
      digest.update((byte) 0);
    }
    return HexFormat.of().formatHex(digest.digest(score));
  }

  /** What plans here: another build may plan otherwise, even under the same version. */
  public static String thisProgram() {
    try {
      Path code =
          Path.of(HardPlaces.class.getProtectionDomain().getCodeSource().getLocation().toURI());
      if (Files.isRegularFile(code)) {
        return code + " " + Files.size(code) + " " + Files.getLastModifiedTime(code);
      }
    } catch (IOException | URISyntaxException | RuntimeException e) {
      // Then it cannot be told from another.
    }
    return "unknown " + UUID.randomUUID(); // nothing is found again
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  /** What was kept under a key, if it is there and whole. */
  public Optional<HardPlaces> find(String key) {
    Path file = file(key);
    try {
      HardPlaces found = MAPPER.readValue(Files.readAllBytes(file), HardPlaces.class);
      // The oldest are those that were not asked for.
      Files.setLastModifiedTime(file, FileTime.fromMillis(System.currentTimeMillis()));
      return Optional.of(found);
    } catch (IOException | RuntimeException e) {
      return Optional.empty();
    }
  }

  /** Keeps hard places under a key, and forgets those that were not asked for the longest. */
  public void keep(String key, HardPlaces places) {
    try {
      PrivateFiles.createFolder(folder);
      byte[] text = MAPPER.writeValueAsBytes(places);
      WholeFile.write(file(key), true, out -> out.write(text));
      forgetOldest();
    } catch (IOException | RuntimeException e) {
      // Then it is planned anew the next time.
    }
  }

  private void forgetOldest() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      List<Path> kept =
          files
              .filter(f -> f.getFileName().toString().endsWith(ENDING))
              .sorted(Comparator.comparing(KeptPlaces::asked).reversed())
              .toList();
      for (Path old : kept.subList(Math.min(MOST_KEPT, kept.size()), kept.size())) {
        Files.deleteIfExists(old);
      }
    }
  }

  private static FileTime asked(Path file) {
    try {
      return Files.getLastModifiedTime(file);
    } catch (IOException e) {
      return FileTime.fromMillis(0);
    }
  }

  private Path file(String key) {
    return folder.resolve(key + ENDING);
  }
}
