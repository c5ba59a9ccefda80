/**
 * What a rule is and what it says. Rules judge a {@link fluidframe.core.rule.Sheet}: a chart with its ledger and floor.
 * They never change a chart and never refuse one; a wrong chart yields findings.
 */
package fluidframe.core.rule;
