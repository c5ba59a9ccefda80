/** Events in the open format. */
package fluidframe.library.event;
