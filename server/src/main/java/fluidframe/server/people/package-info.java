/** Dancers, couples and groups as they are kept. */
package fluidframe.server.people;
