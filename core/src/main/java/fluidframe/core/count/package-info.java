/**
 * Musical time: exact beats, the words counted on steps, whole rhythms, tempo and the dances that set their values.
 * Beats are exact fractions, never floats; a bar and a beat are numbered from 1. Knows nothing of feet or turns.
 */
package fluidframe.core.count;
