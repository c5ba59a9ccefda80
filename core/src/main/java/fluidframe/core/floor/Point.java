package fluidframe.core.floor;

/** A place or a difference of places on the floor, in metres. */
public record Point(double x, double y) {
    public static final Point ORIGIN = new Point(0, 0);

    /** A step of {@code metres} in the direction of {@code sixteenths} clockwise from x. */
    public static Point polar(double metres, double sixteenths) {
        double angle = sixteenths * Math.PI / 8;
        return new Point(metres * Math.cos(angle), metres * Math.sin(angle));
    }

    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y);
    }

    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    public double length() {
        return Math.hypot(x, y);
    }

    /** The same seen after a turn about the origin by so many sixteenths clockwise. */
    public Point turned(double sixteenths) {
        double angle = sixteenths * Math.PI / 8;
        return new Point(x * Math.cos(angle) - y * Math.sin(angle), x * Math.sin(angle) + y * Math.cos(angle));
    }

    /** The place between this one and the other, 0 for this one, 1 for the other. */
    public Point towards(Point other, double share) {
        return plus(other.minus(this).times(share));
    }
}
