/** The log: runs and faults kept as they were seen. */
package fluidframe.server.log;
