/** Standard MIDI files: songs in, routines out. */
package fluidframe.library.midi;
