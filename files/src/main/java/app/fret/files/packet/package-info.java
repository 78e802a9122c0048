/**
 * The packet: one file with a player's passages, their music, all decisions and the log, which a
 * coach sends and a student opens, and the other way round. See docs/packet.md for its form.
 *
 * <p>Open {@link app.fret.files.packet.Packet} first.
 */
package app.fret.files.packet;
