package app.fret.desktop.music.ink;

import app.fret.engraving.Engraver;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.scene.text.Font;

/**
 * The fonts that ship with Fret: Bravura for music, Source Sans 3 for words, Source Code Pro for
 * music that is typed.
 */
public final class Fonts {
  private static final Map<String, String> FAMILIES = new ConcurrentHashMap<>();
  private static final String REGULAR = "SourceSans3-Regular.ttf";
  private static final String SEMI_BOLD = "SourceSans3-SemiBold.ttf";
  private static final String ITALIC = "SourceSans3-Italic.ttf";
  private static final String MUSIC = "Bravura.otf";
  private static final String FIXED = "SourceCodePro-Regular.ttf";

  private Fonts() {}

  /** Makes the fonts known to the toolkit, so that style sheets can name them. */
  public static void load() {
    regular(12);
    semiBold(12);
    italic(12);
    music(12);
    fixed(12);
  }

  /** The music font, whose staff space is a quarter of its size. */
  public static Font music(double size) {
    return font(MUSIC, size);
  }

  /** Words of one width, for music that is typed. */
  public static Font fixed(double size) {
    return font(FIXED, size);
  }

  /** Plain words. */
  public static Font regular(double size) {
    return font(REGULAR, size);
  }

  /** Heavier words. */
  public static Font semiBold(double size) {
    return font(SEMI_BOLD, size);
  }

  /** Slanted words. */
  public static Font italic(double size) {
    return font(ITALIC, size);
  }

  private static Font font(String file, double size) {
    String name = FAMILIES.computeIfAbsent(file, Fonts::register);
    return new Font(name, size);
  }

  /** Full name of the face, by which the toolkit finds it at any size. */
  private static String register(String file) {
    try (InputStream in = Engraver.class.getResourceAsStream(file)) {
      Font font = Font.loadFont(in, 12);
      if (font == null) {
        throw new IllegalStateException("the font " + file + " cannot be loaded");
      }
      return font.getName();
    } catch (IOException e) {
      throw new UncheckedIOException("the font " + file + " cannot be read", e);
    }
  }
}
