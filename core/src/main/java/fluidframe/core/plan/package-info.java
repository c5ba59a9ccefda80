/** What the core proposes: routines composed from a plan, practice loops, and why a plan cannot be met. */
package fluidframe.core.plan;
