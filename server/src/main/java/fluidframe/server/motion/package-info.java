/** What is rehearsed: a figure or a routine as poses over time, ready to be drawn and counted. */
package fluidframe.server.motion;
