/**
 * Terms of the string a note is taken on: crossings, open strings, harmonics, colour and response.
 */
package app.fret.lefthand.effort.string;
