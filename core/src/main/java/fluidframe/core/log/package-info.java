/** What was seen while dancing: runs, clean or not, and faults at their places; and what they come to. */
package fluidframe.core.log;
