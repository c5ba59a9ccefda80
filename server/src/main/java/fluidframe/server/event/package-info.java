/** Events: what they ask for, and reports of routines against them. */
package fluidframe.server.event;
