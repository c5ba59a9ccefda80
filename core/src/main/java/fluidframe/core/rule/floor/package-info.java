/** Rules of one topic; each is its own small class, listed in {@code FloorRules}. */
package fluidframe.core.rule.floor;
