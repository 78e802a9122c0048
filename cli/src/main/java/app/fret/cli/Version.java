package app.fret.cli;

import java.util.Optional;

/** The version, as the build wrote it into the jar. */
final class Version {
  private Version() {}

  /** What {@code --version} prints. */
  static String words() {
    String version = Version.class.getPackage().getImplementationVersion();
    return "Fret " + Optional.ofNullable(version).orElse("(not yet packaged)");
  }
}
