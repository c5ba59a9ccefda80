/** Drills, and cards for setting a couple up. */
package fluidframe.core.exercise;
