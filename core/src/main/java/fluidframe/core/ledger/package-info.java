/**
 * What adds up along a chart: onsets, the running turn, the direction of foot and body, weight, level and couple
 * position after every row. Computed from the chart as it stands, right or wrong; it judges nothing.
 */
package fluidframe.core.ledger;
