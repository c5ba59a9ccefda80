/** All figures as they stand now, what lists and searches know of them, and the reference. */
package fluidframe.server.repertoire;
