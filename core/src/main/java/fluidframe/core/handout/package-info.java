/** What leaves the desk on paper, worked out and not yet laid out. */
package fluidframe.core.handout;
