/** Evenings of a class in the open format. */
package fluidframe.library.evening;
