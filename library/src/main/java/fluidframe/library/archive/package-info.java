/** A whole studio as one zip of open formats: written in one go, read whole or as far as it is sound. */
package fluidframe.library.archive;
