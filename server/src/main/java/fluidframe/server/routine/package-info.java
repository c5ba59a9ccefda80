/** Routines: the figures a coach has put one after another, kept whole with a version, and the routine worked out. */
package fluidframe.server.routine;
