/**
 * Makes sound plans heard: the one line to the sound device, the thread that feeds it, and a silent
 * stand-in that keeps time where there is no device. What sounds is worked out in {@code
 * app.fret.sound}; takes and recording will own their line here too.
 */
package app.fret.desktop.sound;
