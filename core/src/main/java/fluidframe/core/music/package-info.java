/**
 * Songs as a coach counts them, and routines set to them. Bars and beats count from 1, tempo is in bars a minute, times are
 * seconds from the first beat of the song.
 */
package fluidframe.core.music;
