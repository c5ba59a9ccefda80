/** The command line: what can be done without a browser. */
package fluidframe.server.command;
