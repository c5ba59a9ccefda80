package fluidframe.core.floor;

/**
 * How freely a place on the floor may shift: a symmetric 2 x 2 matrix in square metres. A long step may be longer or
 * shorter far more readily than it may be shifted sideways.
 */
record Spread(double xx, double xy, double yy) {
    static final Spread NONE = new Spread(0, 0, 0);

    /** Free by {@code along} metres in a direction (sixteenths clockwise from x) and {@code across} metres beside it. */
    static Spread of(double along, double across, double sixteenths) {
        double angle = sixteenths * Math.PI / 8;
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        double a = along * along;
        double b = across * across;
        return new Spread(a * cos * cos + b * sin * sin, (a - b) * cos * sin, a * sin * sin + b * cos * cos);
    }

    Spread plus(Spread o) {
        return new Spread(xx + o.xx, xy + o.xy, yy + o.yy);
    }

    /** {@code this * inverse(total) * difference}: the share of a difference which this spread takes of the total. */
    Point shareOf(Spread total, Point difference) {
        double determinant = total.xx * total.yy - total.xy * total.xy;
        double u = (total.yy * difference.x() - total.xy * difference.y()) / determinant;
        double v = (total.xx * difference.y() - total.xy * difference.x()) / determinant;
        return new Point(xx * u + xy * v, xy * u + yy * v);
    }

    /** What remains uncertain after an observation with {@code total} as the sum of both: {@code P - P S^-1 P}. */
    Spread afterSeeing(Spread total) {
        Point first = shareOf(total, new Point(xx, xy));
        Point second = shareOf(total, new Point(xy, yy));
        return new Spread(xx - first.x(), xy - (first.y() + second.x()) / 2, yy - second.y());
    }
}
