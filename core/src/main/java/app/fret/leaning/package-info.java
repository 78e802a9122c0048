/**
 * What a player's repeated choices tell of their own weights.
 *
 * <p>Nobody sets weights by hand: they keep a way that costs more by some terms and less by others,
 * and where they do so again and again in the same direction, those terms weigh otherwise for them.
 */
package app.fret.leaning;
