package fluidframe.core.routine;

import fluidframe.core.count.Dance;
import fluidframe.core.floor.Point;

/**
 * A rectangular floor. x runs along the first side danced, with its wall at y = {@code widthMetres}.
 *
 * @param lengthMetres 4 to 100
 * @param widthMetres 4 to 100
 * @param start where the middle of the couple begins
 */
public record Hall(double lengthMetres, double widthMetres, Point start) {
    private static final double USUAL_LENGTH = 24;
    private static final double USUAL_WIDTH = 14;

    public Hall {
        if (!(lengthMetres >= 4 && lengthMetres <= 100 && widthMetres >= 4 && widthMetres <= 100)) {
            throw new IllegalArgumentException(
                    "A floor must be from 4 to 100 metres each way, but was " + lengthMetres + " x " + widthMetres);
        }
    }

    /** A competition floor of a usual size; where the couple stays it begins in the middle, otherwise where a long side begins. */
    public static Hall usual(Dance dance) {
        Point start = dance.isMoving() ? new Point(3, USUAL_WIDTH - 2.5) : new Point(USUAL_LENGTH / 2, USUAL_WIDTH / 2);
        return new Hall(USUAL_LENGTH, USUAL_WIDTH, start);
    }

    /** How far outside the floor a point lies, in metres: 0 if it is on it. */
    public double outside(Point point) {
        double x = Math.max(Math.max(-point.x(), point.x() - lengthMetres), 0);
        double y = Math.max(Math.max(-point.y(), point.y() - widthMetres), 0);
        return Math.max(x, y);
    }
}
