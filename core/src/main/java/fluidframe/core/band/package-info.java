/** What a small band plays for each dance, from patterns that are data: notes on beats, without any sound. */
package fluidframe.core.band;
