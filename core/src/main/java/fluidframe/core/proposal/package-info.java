/**
 * What the core proposes for a chart: the partner's rows, another timing, cells that follow from others, charts made from
 * charts. Nothing here changes a chart behind anybody's back; every proposal says why, and the coach takes it or not.
 */
package fluidframe.core.proposal;
