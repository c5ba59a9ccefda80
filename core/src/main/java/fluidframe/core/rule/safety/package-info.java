/** Cautions: what they say is usual in studios and gives way to the organiser's rules and to professionals. */
package fluidframe.core.rule.safety;
