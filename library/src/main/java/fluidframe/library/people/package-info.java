/** Dancers, couples and groups in the open formats. */
package fluidframe.library.people;
