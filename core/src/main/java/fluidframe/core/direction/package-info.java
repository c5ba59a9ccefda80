/**
 * Directions on the floor, alignments and turns. The compass has sixteenths of a full turn, clockwise seen from above,
 * from the line of dance (0): the wall is 4, against line of dance 8, the centre 12. Turns are signed, right positive.
 */
package fluidframe.core.direction;
