/**
 * What a chart says, danced: for each dancer a pose at every beat, settled by stated laws, so that any drawing of it is
 * the same. Beats count from the first beat of the first bar; places are metres on the floor, x along the line of dance
 * of the first side, y towards its wall, z up; directions are sixteenths of a turn clockwise from x and are not wrapped,
 * so that a dancer who has turned twice is 32 further on. The laws are told in {@code docs/motion.md}.
 */
package fluidframe.core.motion;
