/** Evenings of a class: kept, and who dances with whom. */
package fluidframe.server.evening;
