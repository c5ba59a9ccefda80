/** Rows typed or pasted in short codes. */
package fluidframe.library.typed;
