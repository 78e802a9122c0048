/**
 * The music while it is written or mended: notes that keep their identity when others come and go.
 *
 * <p>Open {@link app.fret.edit.StaffPen}, then {@link app.fret.edit.Manuscript}.
 */
package app.fret.edit;
