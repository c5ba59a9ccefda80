/**
 * Figures danced one after another: where each falls in the music, whether each join is possible, and the way of the
 * couple over a rectangular floor. Bars and beats count from 1, places are metres, the first side runs along x.
 */
package fluidframe.core.routine;
