/**
 * Terms of single fingers in a hand that stays: order, strength, weak pairs, trills, graces,
 * fingers that stay down or come back in a figure.
 */
package app.fret.lefthand.effort.finger;
