/** Dancers, couples and groups, and what they work on. */
package fluidframe.core.people;
