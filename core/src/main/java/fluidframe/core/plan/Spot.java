package fluidframe.core.plan;

/**
 * Where a way has come to, in decimetres from where it began, with the room it has taken so far. x grows along the first side,
 * whose wall is where y is greatest.
 *
 * @param side the side danced along, from 0; even ones in the direction of x or against it
 * @param left the least x that anybody has come to
 * @param right the greatest x
 * @param top the least y
 * @param bottom the greatest y
 */
record Spot(int x, int y, int side, int left, int right, int top, int bottom) {
    static final Spot BEGIN = new Spot(0, 0, 0, 0, 0, 0, 0);

    /** Where a place of the graph leads from here. */
    Spot after(Footing way) {
        return switch (side % 4) {
            case 0 -> to(way.along(), way.across(), -way.back(), way.ahead(), -way.left(), way.right());
            case 1 -> to(way.across(), -way.along(), -way.left(), way.right(), -way.ahead(), way.back());
            case 2 -> to(-way.along(), -way.across(), -way.ahead(), way.back(), -way.right(), way.left());
            default -> to(-way.across(), way.along(), -way.right(), way.left(), -way.back(), way.ahead());
        };
    }

    private Spot to(int right, int down, int leastX, int mostX, int leastY, int mostY) {
        return new Spot(
                x + right,
                y + down,
                side,
                Math.min(left, x + leastX),
                Math.max(this.right, x + mostX),
                Math.min(top, y + leastY),
                Math.max(bottom, y + mostY));
    }

    Spot afterCorner() {
        return new Spot(x, y, side + 1, left, right, top, bottom);
    }

    /** Whether it could be laid on a floor of so many decimetres so that nobody leaves it. */
    boolean fits(int length, int width) {
        return right - left <= length && bottom - top <= width;
    }

    /** How far along its side it is, from where the side's line begins at the beginning of the way. */
    int along() {
        return switch (side % 4) {
            case 0 -> x;
            case 1 -> -y;
            case 2 -> -x;
            default -> y;
        };
    }
}
