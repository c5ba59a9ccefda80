/** Calendar files (RFC 5545) of what has a time: lessons, classes and events. */
package fluidframe.library.calendar;
