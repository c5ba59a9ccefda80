/** Rules of one topic; each is its own small class, listed in {@code WeightRules}. */
package fluidframe.core.rule.weight;
