package fluidframe.core.routine;

/** Something in its place in a routine: a figure, or a free element of a showcase. */
public sealed interface Placed permits PlacedFigure, PlacedElement {}
