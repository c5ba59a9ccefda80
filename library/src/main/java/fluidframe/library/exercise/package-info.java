/** Drills and set-up cards in the open formats. */
package fluidframe.library.exercise;
