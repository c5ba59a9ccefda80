/**
 * Figures: the shipped charts, the coach's own copies on top of them with versions and drafts, and the chart worked out.
 * Documents are kept whole in the open format; columns only hold what is searched.
 */
package fluidframe.server.figure;
