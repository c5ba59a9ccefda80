/** Joins the rules of all topics and runs them over a chart, telling accepted findings from open ones. */
package fluidframe.core.check;
