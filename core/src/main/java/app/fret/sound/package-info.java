/**
 * What is heard while one practises, before any device: a plan of timed clicks and tones, and its
 * rendering to samples.
 *
 * <p>Open {@link app.fret.sound.SoundPlan} first, then {@link app.fret.sound.Renderer}. Guide tones
 * and takes will be tones of the same plan. Knows no device, no file and no clock.
 */
package app.fret.sound;
