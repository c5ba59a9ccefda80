/** Rules of one topic; each is its own small class, listed in {@code BodyRules}. */
package fluidframe.core.rule.body;
