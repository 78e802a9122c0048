package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

class LaunchOptionsTest {
  @Test
  void demoAndItsPicturesAreUnderstood() {
    LaunchOptions options = LaunchOptions.of(List.of("demo", "--pictures", "out"));
    assertThat(options.small()).isFalse();
    assertThat(LaunchOptions.of(List.of("demo", "--small")).small()).isTrue();
    assertThat(options.demo()).isTrue();
    assertThat(options.pictures()).contains(Path.of("out"));
    assertThat(options.file()).isEmpty();
  }

  @Test
  void aFileToOpenIsUnderstood() {
    assertThat(LaunchOptions.of(List.of("open", "a.mxl")).file()).contains(Path.of("a.mxl"));
    assertThat(LaunchOptions.of(List.of("open", "--book", "b")).file()).isEmpty();
    assertThat(LaunchOptions.of(List.of("open", "--book", "b")).book()).contains(Path.of("b"));
  }

  @Test
  void nothingAskedOpensThePlayersOwnBook() {
    LaunchOptions options = LaunchOptions.of(List.of());
    assertThat(options.demo()).isFalse();
    assertThat(options.book()).isEmpty();
  }

  @Test
  void anOptionWithoutItsValueIsLeftOut() {
    assertThat(LaunchOptions.of(List.of("demo", "--pictures")).pictures()).isEmpty();
  }
}
