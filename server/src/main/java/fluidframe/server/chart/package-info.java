/** A chart worked out as it is edited, and what the core proposes for it; keeps nothing. */
package fluidframe.server.chart;
