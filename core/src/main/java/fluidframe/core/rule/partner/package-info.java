/** Rules of one topic; each is its own small class, listed in {@code PartnerRules}. */
package fluidframe.core.rule.partner;
