/** Routines in the open format, and in what two of them differ. */
package fluidframe.library.routine;
