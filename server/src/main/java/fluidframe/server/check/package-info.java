/** Checks chart files from the command line. */
package fluidframe.server.check;
