package fluidframe.core.chart;

import fluidframe.core.count.Rhythm;

/** Another accepted timing of the same rows; the one in the rows themselves is A. */
public record Timing(String id, Rhythm man, Rhythm lady) {}
