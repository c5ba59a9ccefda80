package fluidframe.core.floor;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Direction;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;

/** What one row of the chart says about where its dancer goes, before the partner is considered. */
final class Walk {
    /** Half the distance between a dancer's two tracks, in metres. */
    static final double HALF_TRACK = 0.07;

    /** How far a crossed foot lies in front of or behind the other, middle to middle: about half the length of a shoe. */
    private static final double CROSS_METRES = 0.13;
    /** What is left of a step charted as small, as a share of its usual length. */
    private static final double SMALL = 0.45;
    /** By how many metres any travelling step may be placed to one side without being another step. */
    private static final double ACROSS_FREELY = 0.10;
    /** The same, each way, for a foot that does not travel. */
    private static final double IN_PLACE_FREELY = 0.05;

    private final LedgerRow row;
    private final double partnerBody;
    private final int rotation;
    private final double stride;
    private final Point displacement;

    /**
     * @param partnerBody where the partner's body faces, in sixteenths, for steps in promenade
     * @param rotation sixteenths by which the line of dance has turned from x
     * @param before where this dancer's body and feet were left, as charted and before the partner is considered
     */
    Walk(LedgerRow row, double partnerBody, int rotation, Stride stride, Stance before) {
        this.row = row;
        this.partnerBody = partnerBody;
        this.rotation = rotation;
        this.stride = stride.metres();
        this.displacement = displacement(before);
    }

    /** Where this dancer is left by the chart alone. */
    Stance after(Stance before) {
        Point centre = before.centre().plus(displacement);
        return before.with(centre, row.step().foot(), place(centre), row.step().isStep());
    }

    private Placement.Kind kind() {
        return row.step().placement().kind();
    }

    private double metres() {
        double small = row.step().placement().has(Placement.Qualifier.SMALL) ? SMALL : 1;
        return kind().stride() * stride * small;
    }

    /** The direction of travel, in sixteenths clockwise from x. */
    double travel() {
        Direction moving = row.step().alignment().flatMap(a -> a.moving()).orElse(null);
        if (moving != null) return moving.sixteenths() + rotation;
        boolean sideways = kind().angle() >= 2 && kind().angle() <= 6;
        if (row.position() == CouplePosition.PROMENADE && kind().angle() <= 2) {
            return bisector(row.body().sixteenths(), partnerBody) + rotation;
        }
        boolean turnsFirst = row.step().turn().kind().turnsOnStandingFoot();
        double reference = sideways
                ? row.body().sixteenths() - (turnsFirst ? 0 : row.body().turnFrom(row.bodyBefore()) / 2.0)
                : row.foot().sixteenths();
        return reference + row.step().foot().side() * kind().angle() + curve() + rotation;
    }

    /** A step charted leftwards or rightwards leaves the straight line by a sixteenth to the dancer's own side. */
    private double curve() {
        Placement placement = row.step().placement();
        int side = placement.has(Placement.Qualifier.LEFTWARDS)
                ? -1
                : placement.has(Placement.Qualifier.RIGHTWARDS) ? 1 : 0;
        return kind().isBack() ? -side : side;
    }

    private static double bisector(double one, double other) {
        double apart = ((other - one + 8) % 16 + 16) % 16 - 8;
        return one + apart / 2;
    }

    /** How the middle of the body moves. */
    Point displacement() {
        return displacement;
    }

    /** Weight replaced onto a foot brings the body back over it. */
    private Point displacement(Stance before) {
        if (kind().travels()) return Point.polar(metres(), travel());
        if (kind() == Placement.Kind.REPLACE && before.foot(row.step().foot()) != null) {
            Point aside = Point.polar(
                    row.step().foot().side() * HALF_TRACK, row.body().sixteenths() + rotation + 4.0);
            return before.foot(row.step().foot()).minus(aside).minus(before.centre());
        }
        return pivotOnStandingFoot();
    }

    /** Turning on the spot carries the body round the foot it stands on. */
    private Point pivotOnStandingFoot() {
        Foot pivot = row.step().weightTaken() == Weight.FULL ? row.step().foot().other() : row.standing();
        double before = row.bodyBefore().sixteenths() + rotation + 4;
        double after = row.body().sixteenths() + rotation + 4;
        double arm = pivot.side() * HALF_TRACK;
        return Point.polar(arm, before).minus(Point.polar(arm, after));
    }

    /** How freely the length and the line of this step may give way to the partner. */
    Spread freedom() {
        double metres = metres();
        if (!kind().travels()) return Spread.of(IN_PLACE_FREELY, IN_PLACE_FREELY, 0);
        return Spread.of(0.5 * metres, ACROSS_FREELY + 0.15 * metres, travel());
    }

    /** Where the foot lies once the body stands at {@code centre}. */
    Point place(Point centre) {
        Foot foot = row.step().foot();
        double right = row.body().sixteenths() + rotation + 4.0;
        double forward = row.body().sixteenths() + rotation;
        boolean onTheTrack = row.step().placement().has(Placement.Qualifier.IN_CBMP)
                || row.step().placement().has(Placement.Qualifier.ON_TRACK);
        double aside = foot.side() * (onTheTrack ? 0 : HALF_TRACK);
        switch (kind()) {
            case CROSS_BEHIND:
                return centre.plus(Point.polar(-foot.side() * HALF_TRACK * 0.9, right))
                        .plus(Point.polar(-CROSS_METRES, forward));
            case CROSS_IN_FRONT:
                return centre.plus(Point.polar(-foot.side() * HALF_TRACK * 0.9, right))
                        .plus(Point.polar(CROSS_METRES, forward));
            case POINT:
                return centre.plus(Point.polar(foot.side() * metres(), right));
            case FLICK:
                return centre.plus(Point.polar(metres(), forward)).plus(Point.polar(aside, right));
            default:
                return centre.plus(Point.polar(aside, right));
        }
    }

    /** Where the lady's centre should be from the man's, with his body facing {@code manBody} sixteenths from x. */
    static Point partnerOffset(CouplePosition position, Hold hold, double manBody) {
        return Point.polar(position.ahead(hold), manBody).plus(Point.polar(position.right(), manBody + 4));
    }

    /** The position whose distance a row asks for: a step outside partner is beside, whatever the couple position. */
    static CouplePosition reach(LedgerRow his, LedgerRow hers) {
        for (LedgerRow row : new LedgerRow[] {his, hers}) {
            Placement placement = row.step().placement();
            boolean outside = placement.has(Placement.Qualifier.OUTSIDE_PARTNER)
                    || placement.has(Placement.Qualifier.PARTNER_OUTSIDE);
            if (outside && his.position() == CouplePosition.CLOSED) return CouplePosition.OUTSIDE_RIGHT;
        }
        return his.position();
    }

    /** The role's own row, for callers that walk both. */
    LedgerRow row() {
        return row;
    }

    Footfall footfall(Role role, double startBeat, Point centre) {
        return new Footfall(
                role,
                row.number(),
                startBeat + row.onset().toDouble(),
                startBeat + row.end().toDouble(),
                row.step().foot(),
                row.step().weightTaken(),
                place(centre),
                wrap(row.foot().sixteenths() + rotation),
                centre,
                wrap(row.body().sixteenths() + rotation));
    }

    private static double wrap(double sixteenths) {
        return (sixteenths % 16 + 16) % 16;
    }
}
