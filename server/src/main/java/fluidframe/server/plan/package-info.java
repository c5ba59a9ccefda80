/** Routines composed from a plan, as long works. */
package fluidframe.server.plan;
