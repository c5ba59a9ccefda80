/** Who may do what: the coach at this machine, a device that was let in, and everybody else. */
package fluidframe.server.access;
