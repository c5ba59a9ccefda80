package fluidframe.server.export;

/**
 * A format in which something can be taken away.
 *
 * @param format by which it is asked for
 * @param title what it is
 */
record Offer(String format, String title) {}
