/** Songs: kept, timed, read from standard MIDI files. */
package fluidframe.server.song;
