/** Rules of one topic; each is its own small class, listed in {@code TurnRules}. */
package fluidframe.core.rule.turn;
