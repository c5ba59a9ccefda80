/** Drills and set-up cards as they are kept, and the starter set. */
package fluidframe.server.exercise;
