/** Rules of one topic; each is its own small class, listed in {@code FootworkRules}. */
package fluidframe.core.rule.footwork;
