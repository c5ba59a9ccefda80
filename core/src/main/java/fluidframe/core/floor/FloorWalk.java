package fluidframe.core.floor;

import fluidframe.core.count.Beats;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

/**
 * Walks one or more charts over the floor. Every row's own direction and usual length are kept as nearly as the couple
 * position allows: the difference between the two centres is fitted over the whole walk by least squares (a Kalman
 * filter and its backward pass over the relative place), and each step gives way in proportion to its freedom. Linear
 * in the number of rows; the same charts always give the same floor.
 */
public final class FloorWalk {
    /** How far the couple may be from its distance while it changes from one position to another, in metres. */
    private static final double CHANGING_METRES = 0.9;

    private static final Spread STAND = Spread.of(0.02, 0.02, 0);

    /**
     * A chart, by how many sixteenths its line of dance has turned from x, and for how many beats the couple stands before it.
     */
    public record Leg(Ledger ledger, int rotation, double pause) {
        public Leg(Ledger ledger, int rotation) {
            this(ledger, rotation, 0);
        }
    }

    private final Stride stride;
    private final List<Moment> moments = new ArrayList<>();

    private FloorWalk(Stride stride) {
        this.stride = stride;
    }

    /** Walks the legs one after another with the man's body beginning at {@code start}. */
    public static FloorPlan plan(List<Leg> legs, Point start, Stride stride) {
        FloorWalk walk = new FloorWalk(stride);
        double beat = 0;
        for (int i = 0; i < legs.size(); i++) {
            beat += legs.get(i).pause();
            walk.collect(legs.get(i), i, beat);
            beat += legs.get(i).ledger().chart().length().toDouble();
        }
        return walk.run(legs, start);
    }

    /** One chart with its line of dance along x. */
    public static FloorPlan plan(Ledger ledger, Stride stride) {
        return plan(List.of(new Leg(ledger, 0)), Point.ORIGIN, stride);
    }

    /** All rows of both roles that end on one beat, with what is known of the couple there. */
    private static final class Moment {
        private int use;
        private double startBeat;
        private Walk man;
        private Walk lady;
        private Point target;
        private Spread give = STAND;
        private Point manMove = Point.ORIGIN;
        private Point ladyMove = Point.ORIGIN;
        private Spread manFreedom = STAND;
        private Spread ladyFreedom = STAND;
        private Point predicted;
        private Spread predictedSpread;
        private Point seen;
        private Spread seenSpread;
        private Point fitted;
    }

    private void collect(Leg leg, int use, double startBeat) {
        List<LedgerRow> his = leg.ledger().of(Role.MAN).rows();
        List<LedgerRow> hers = leg.ledger().of(Role.LADY).rows();
        TreeSet<Beats> ends = new TreeSet<>();
        his.forEach(row -> ends.add(row.end()));
        hers.forEach(row -> ends.add(row.end()));
        Stance man = stance(leg, Role.MAN);
        Stance lady = stance(leg, Role.LADY);
        for (Beats end : ends) {
            Moment moment = new Moment();
            moment.use = use;
            moment.startBeat = startBeat;
            LedgerRow hisRow = endingAt(his, end);
            LedgerRow herRow = endingAt(hers, end);
            if (hisRow != null) {
                moment.man = new Walk(hisRow, bodyAt(hers, end), leg.rotation(), stride, man);
                moment.manMove = moment.man.displacement();
                moment.manFreedom = moment.man.freedom();
                man = moment.man.after(man);
            }
            if (herRow != null) {
                moment.lady = new Walk(herRow, bodyAt(his, end), leg.rotation(), stride, lady);
                moment.ladyMove = moment.lady.displacement();
                moment.ladyFreedom = moment.lady.freedom();
                lady = moment.lady.after(lady);
            }
            if (hisRow != null && herRow != null) {
                moment.target = Walk.partnerOffset(
                        Walk.reach(hisRow, herRow), hisRow.hold(), hisRow.body().sixteenths() + leg.rotation());
                moment.give = give(hisRow, herRow);
            }
            moments.add(moment);
        }
    }

    private static Stance stance(Leg leg, Role role) {
        return Stance.at(Point.ORIGIN, leg.ledger().of(role).start().sixteenths() + leg.rotation());
    }

    /** A closed hold keeps the distance exactly, arms give, and a position under way is nobody's distance yet. */
    private static Spread give(LedgerRow his, LedgerRow hers) {
        double metres = his.hold().giveMetres();
        boolean changing = his.position().isFree() || his.position().misfit(his.body(), hers.body()) > 0;
        double most = changing && !his.hold().isClosed() ? Math.max(metres, CHANGING_METRES) : metres;
        return Spread.of(most, most, 0);
    }

    private static LedgerRow endingAt(List<LedgerRow> rows, Beats end) {
        return rows.stream().filter(row -> row.end().equals(end)).findFirst().orElse(null);
    }

    private static double bodyAt(List<LedgerRow> rows, Beats end) {
        double body = 0;
        for (LedgerRow row : rows)
            if (row.onset().compareTo(end) < 0) body = row.body().sixteenths();
        return body;
    }

    private FloorPlan run(List<Leg> legs, Point start) {
        Ledger first = legs.get(0).ledger();
        CouplePosition position = first.positions().before(Beats.ZERO);
        boolean solo = first.of(Role.MAN).isEmpty() || first.of(Role.LADY).isEmpty();
        double facing = first.of(Role.MAN).start().sixteenths() + legs.get(0).rotation();
        Point apart = solo
                ? Point.ORIGIN
                : Walk.partnerOffset(position, first.chart().start().hold(), facing);
        fit(apart);
        return place(start, apart);
    }

    /** Forward, predicting and correcting the relative place; then backward, so that early steps provide for later. */
    private void fit(Point apart) {
        Point relative = apart;
        Spread spread = STAND;
        for (Moment m : moments) {
            m.predicted = relative.plus(m.ladyMove.minus(m.manMove));
            m.predictedSpread = spread.plus(m.manFreedom).plus(m.ladyFreedom);
            if (m.target == null) {
                m.seen = m.predicted;
                m.seenSpread = m.predictedSpread;
            } else {
                Spread total = m.predictedSpread.plus(m.give);
                m.seen = m.predicted.plus(m.predictedSpread.shareOf(total, m.target.minus(m.predicted)));
                m.seenSpread = m.predictedSpread.afterSeeing(total);
            }
            relative = m.seen;
            spread = m.seenSpread;
        }
        for (int i = moments.size() - 1; i >= 0; i--) {
            Moment m = moments.get(i);
            if (i == moments.size() - 1) {
                m.fitted = m.seen;
            } else {
                Moment next = moments.get(i + 1);
                Point late = next.fitted.minus(next.predicted);
                m.fitted = m.seen.plus(m.seenSpread.shareOf(next.predictedSpread, late));
            }
        }
    }

    private FloorPlan place(Point start, Point apart) {
        List<Footfall> footfalls = new ArrayList<>();
        List<FloorPlan.Gap> gaps = new ArrayList<>();
        Point man = start;
        Point lady = start.plus(apart);
        Point relative = apart;
        for (Moment m : moments) {
            Point wanted = m.fitted.minus(relative);
            Point correction = wanted.minus(m.ladyMove.minus(m.manMove));
            Spread both = m.manFreedom.plus(m.ladyFreedom);
            man = man.plus(m.manMove).minus(m.manFreedom.shareOf(both, correction));
            lady = lady.plus(m.ladyMove).plus(m.ladyFreedom.shareOf(both, correction));
            relative = lady.minus(man);
            if (m.man != null) footfalls.add(m.man.footfall(Role.MAN, m.startBeat, man));
            if (m.lady != null) footfalls.add(m.lady.footfall(Role.LADY, m.startBeat, lady));
            if (m.target != null) {
                gaps.add(new FloorPlan.Gap(
                        m.use,
                        m.man.row().number(),
                        m.lady.row().number(),
                        relative.length(),
                        m.target.length(),
                        m.man.row().hold(),
                        correction.length()
                                + (m.man.row().position().isFree()
                                        ? 0
                                        : m.target.minus(relative).length())));
            }
        }
        footfalls.sort(Comparator.comparingDouble(Footfall::onset).thenComparing(Footfall::role));
        return FloorPlan.of(footfalls, start, start.plus(apart), gaps);
    }
}
