/**
 * ABC notation, version 2.1 of the open standard: music as a line of letters, typed or read from a
 * file.
 *
 * <p>Open {@link app.fret.files.abc.AbcReader}. Reading goes on behind a fault, so that what is
 * typed can be engraved while it is typed; each fault has its place in the text and what would mend
 * it. What the notation can say and a passage cannot hold is listed.
 */
package app.fret.files.abc;
