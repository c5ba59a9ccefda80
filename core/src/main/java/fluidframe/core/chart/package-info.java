/**
 * The chart of a figure: both roles row by row, how it is entered and left, its parts and variants. Steps are numbered
 * from 1 within a role; the roles are joined by beat, never by number. A chart may be wrong: rules say so, not this package.
 */
package fluidframe.core.chart;
