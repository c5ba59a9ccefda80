/** What can be heard in a recording: where things begin, how fast the music goes, its beats and its ones. */
package fluidframe.core.music.analysis;
