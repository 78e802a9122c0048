package app.fret.book;

import org.jdbi.v3.core.Handle;

/** The music that is being typed and not yet taken into the programme. */
public final class Draft {
  private final Handle handle;

  Draft(Handle handle) {
    this.handle = handle;
  }

  /** The text; empty when nothing is being typed. */
  String read() {
    return handle.createQuery("SELECT text FROM draft").mapTo(String.class).findOne().orElse("");
  }

  void keep(String text) {
    handle
        .createUpdate(
            "INSERT INTO draft (id, text) VALUES (1, :text)"
                + " ON CONFLICT (id) DO UPDATE SET text = excluded.text")
        .bind("text", text)
        .execute();
  }
}
