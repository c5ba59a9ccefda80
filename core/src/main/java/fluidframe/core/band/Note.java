package fluidframe.core.band;

/**
 * One note of the band.
 *
 * @param beat when it begins, from the first beat of the arrangement, swing included
 * @param length how long it is held, in beats; 0 for what is struck
 * @param pitch in half tones, 60 for the middle C; 0 for what is struck
 * @param loud 0 to 1
 */
public record Note(double beat, double length, Instrument instrument, int pitch, double loud) {}
