/** Rules of one topic; each is its own small class, listed in {@code TimeRules}. */
package fluidframe.core.rule.time;
