package fluidframe.core.floor;

import fluidframe.core.step.Foot;

/**
 * Where one dancer's body and feet are by the chart alone.
 *
 * @param centre the middle of the body
 * @param left where the left foot was last put; null before it has moved
 * @param right where the right foot was last put; null before it has moved
 */
record Stance(Point centre, Point left, Point right) {
    static Stance at(Point centre, double facing) {
        return new Stance(
                centre,
                centre.minus(Point.polar(Walk.HALF_TRACK, facing + 4)),
                centre.plus(Point.polar(Walk.HALF_TRACK, facing + 4)));
    }

    Point foot(Foot foot) {
        return foot == Foot.LEFT ? left : right;
    }

    /** After a row; a row without a step leaves both feet where they were. */
    Stance with(Point newCentre, Foot foot, Point place, boolean steps) {
        if (!steps) return new Stance(newCentre, left, right);
        return foot == Foot.LEFT ? new Stance(newCentre, place, right) : new Stance(newCentre, left, place);
    }
}
