/** What an event permits, and whether a routine keeps to it. The organiser's own rules always come first. */
package fluidframe.core.event;
