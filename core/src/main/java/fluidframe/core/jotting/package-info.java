/** Lines typed in passing, such as "ines tobin, natural spin turn 5 lady heel early, wait for the knee", understood. */
package fluidframe.core.jotting;
