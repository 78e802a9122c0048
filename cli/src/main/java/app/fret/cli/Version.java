package app.fret.cli;

import java.util.Optional;
import picocli.CommandLine;

/** The version, as the build wrote it into the jar. */
final class Version implements CommandLine.IVersionProvider {
  @Override
  public String[] getVersion() {
    String version = Version.class.getPackage().getImplementationVersion();
    return new String[] {"Fret " + Optional.ofNullable(version).orElse("(not yet packaged)")};
  }
}
