package fluidframe.core.link;

import fluidframe.core.floor.Point;

/** A direction of travel in sixteenths clockwise from the line of dance; NaN when nobody travels. */
record Travel(double sixteenths) {
    /** Less than this in a step is dancing on the spot, which has no direction. */
    private static final double LEAST_METRES = 0.15;
    /** A third of a turn apart and more: what is left of the way between is not enough to swing round in. */
    private static final double REVERSAL_SIXTEENTHS = 5.4;

    static Travel of(Point way) {
        return new Travel(way.length() < LEAST_METRES ? Double.NaN : Math.atan2(way.y(), way.x()) * 8 / Math.PI);
    }

    /** Whether two directions of travel are nearly opposite; false if either stands still. */
    static boolean reverses(double one, double other) {
        if (Double.isNaN(one) || Double.isNaN(other)) return false;
        double apart = Math.abs(((one - other + 8) % 16 + 16) % 16 - 8);
        return apart > REVERSAL_SIXTEENTHS;
    }
}
