package fluidframe.core.plan;

import fluidframe.core.floor.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;

/**
 * Routines that stay on a floor, from one beginning. Ways are lengthened figure by figure; of those that last equally long only
 * the best are kept, some for every side, pace and room taken, so that quick and slow ways round both live. What is found is not
 * proven to be the best; {@link GroundPrices} says how good any can be.
 *
 * <p>Where a way lies on the floor is settled at its end. Half a lap danced twice mirrors itself in the middle of the floor, so
 * that it always closes and only has to fit; a whole lap has to come back to where it began.
 */
final class GroundSearch {
    /** Places nearer than so many decimetres are one. */
    private static final int SAME = 5;
    /** How far a whole lap may end from where it began, in decimetres. */
    private static final int MISSES = 3;
    /** What share of a round a way may be ahead of an even pace, or behind; and how finely paces are told apart. */
    private static final double MOST_AHEAD = 0.2;

    private static final int PACES = 20;
    /** Decimetres by which the room taken is told apart. */
    private static final int ROOMS = 12;
    /** Decimetres: a check or a pivot takes a couple back by no more. */
    private static final int BACK = 10;
    /** How far apart along the line ways that need not close are told apart, in decimetres. */
    private static final int STRETCH = 20;
    /** Ways of one length, about. */
    private static final int EXPECTED = 4096;

    private final GroundTask task;
    private final PlanGraph graph;
    private final int units;
    private final int length;
    private final int width;
    private final GroundPrices prices;
    private final GroundBounds bounds;
    private final Score score;
    private final int start;
    private final int corners;

    /**
     * From one beginning.
     *
     * @param start its number among the beginnings of the task
     * @param corners how many corners a round is to take, -1 for one that need not close
     */
    GroundSearch(GroundTask task, GroundPrices prices, int start, int corners) {
        this.task = task;
        this.graph = task.graph();
        this.units = task.units();
        this.length = task.length();
        this.width = task.width();
        this.prices = prices;
        this.bounds = prices.bounds();
        this.score = prices.score();
        this.start = start;
        this.corners = corners;
    }

    /**
     * The ways that come to their end.
     *
     * @param each how many are kept for each side, pace and room, 1 or more
     */
    List<GroundWay> search(int each, Watch watch) {
        List<List<GroundWay>> layers = new ArrayList<>();
        for (int time = 0; time <= units; time++) layers.add(new ArrayList<>(EXPECTED));
        begin(layers);
        for (int time = 1; time < units; time++) {
            if (watch.isGivenUp()) throw new CancellationException("The plan was given up");
            for (GroundWay way : best(layers.get(time), units - time, each)) lengthen(way, time, layers);
            layers.set(time, List.of());
        }
        List<GroundWay> ends = layers.get(units);
        ends.removeIf(way -> !isEnd(way));
        return ends;
    }

    private void begin(List<List<GroundWay>> layers) {
        int node = task.starts()[start];
        PlanGraph.Node at = graph.node(node);
        if (at.length() > units || task.most(at.figure()) < 1) return;
        GroundWay.Added added = new GroundWay.Added(task.bit(at), score.of(at, 0), at.travel());
        Spot spot = Spot.BEGIN.after(task.footings().begun(node));
        if (canEnd(units - at.length(), node, added, spot, Integer.MAX_VALUE)) {
            layers.get(at.length()).add(new GroundWay(node, at.figure(), spot, added));
        }
    }

    private void lengthen(GroundWay way, int time, List<List<GroundWay>> layers) {
        PlanGraph.Node from = graph.node(way.node);
        PlanGraph.Edge[] edges = graph.edges(way.node);
        for (int i = 0; i < edges.length; i++) {
            PlanGraph.Node to = graph.node(edges[i].to());
            int end = time + to.length();
            if (end > units || !task.isUsable(edges[i].to())) continue;
            if (way.times(to.figure(), graph.figures().size()) >= task.most(to.figure())) continue;
            boolean corner = edges[i].adjusted().corner();
            if (corner && !mayTurn(way)) continue;
            Spot at = (corner ? way.at.afterCorner() : way.at)
                    .after(task.footings().along(way.node, i));
            if (!at.fits(length, width)) continue;
            int again = way.isPairAgain(to.figure()) ? score.ofPairAgain() : 0;
            GroundWay.Added added = new GroundWay.Added(
                    way.mask | task.bit(to),
                    way.score + score.of(from, edges[i], to) + score.of(to, time) + again,
                    way.travel + to.travel());
            if (canEnd(units - end, edges[i].to(), added, at, farthest(way, corner))) {
                layers.get(end).add(way.then(edges[i], to.figure(), at, added));
            }
        }
    }

    /** Whether enough of the side has been danced for its corner; of the first one that is seen at the end. */
    private boolean mayTurn(GroundWay way) {
        if (corners < 0 || way.at.side() == 0 || !task.isLong(way.at.side())) return true;
        return way.at.along() - way.entered >= task.needed();
    }

    /** Whether a way can still come to its end, as far as can be told without going it. */
    private boolean canEnd(int left, int node, GroundWay.Added added, Spot at, int farthest) {
        if (bounds.score(left, node, added.mask()) == GroundBounds.NEVER) return false;
        if (corners < 0) return true;
        if (!task.closing().reaches(left, node, corners - at.side(), start)) return false;
        double way = bounds.way(left, node);
        if (task.round(corners) - added.travel() > way + GroundTask.FROM_CORNER * corners) return false;
        if (corners == GroundTask.WHOLE_LAP && far(at.x(), at.y(), way + MISSES)) return false;
        if (corners == GroundTask.HALF_LAP && !canMirror(at, farthest, way)) return false;
        return Math.abs(pace(added.travel(), left)) <= MOST_AHEAD;
    }

    /**
     * Whether half a lap can still end where its mirror image fits the floor too: the more room has been taken, the nearer the
     * end has to be to where the beginning mirrors. Along the last side nothing leads back.
     */
    private boolean canMirror(Spot at, int farthest, double way) {
        int leastX = 2 * at.right() - length;
        int mostX = Math.min(2 * at.left() + length, farthest);
        int leastY = 2 * at.bottom() - width;
        int mostY = 2 * at.top() + width;
        if (leastX > mostX || leastY > mostY) return false;
        if (at.side() >= 1 && at.y() < leastY - BACK || at.side() >= 2 && at.x() < leastX - BACK) return false;
        int missingX = Math.max(0, Math.max(leastX - at.x(), at.x() - mostX));
        int missingY = Math.max(0, Math.max(leastY - at.y(), at.y() - mostY));
        return !far(missingX, missingY, way);
    }

    /** How far along x half a lap may end at the most so that enough of the first side has been danced. */
    private int farthest(GroundWay way, boolean corner) {
        int side = way.at.side() + (corner ? 1 : 0);
        if (corners != GroundTask.HALF_LAP || side < 2 || !task.isLong(0)) return Integer.MAX_VALUE;
        int entered = corner ? way.at.x() : -way.entered;
        return way.leftFirst + entered - task.needed();
    }

    private static boolean far(int x, int y, double decimetres) {
        return (double) x * x + (double) y * y > decimetres * decimetres;
    }

    /** By what share of a round a way is ahead of an even pace, or behind. */
    private double pace(int travel, int left) {
        return travel / task.round(corners) - 1 + (double) left / units;
    }

    private boolean isEnd(GroundWay way) {
        if (corners < 0) return true;
        if (corners == GroundTask.WHOLE_LAP && far(way.at.x(), way.at.y(), MISSES)) return false;
        Point corner = corner(way);
        Spot at = way.at;
        boolean fits = at.left() >= corner.x()
                && at.right() <= corner.x() + length
                && at.top() >= corner.y()
                && at.bottom() <= corner.y() + width;
        if (!fits) return false;
        if (!task.isLong(0)) return true;
        boolean cornerBetween = at.side() < corners;
        int from = cornerBetween ? 0 : corners == GroundTask.WHOLE_LAP ? way.entered : way.entered + at.x();
        return way.leftFirst - from >= task.needed();
    }

    /** Where the corner of the floor with the least x and y is, in decimetres from where the way began. */
    private Point corner(GroundWay way) {
        if (corners == GroundTask.HALF_LAP) return new Point((way.at.x() - length) / 2.0, (way.at.y() - width) / 2.0);
        return new Point(
                (way.at.left() + way.at.right() - length) / 2.0, (way.at.top() + way.at.bottom() - width) / 2.0);
    }

    /** The best of those that last equally long, some for every side, pace and room taken. */
    private List<GroundWay> best(List<GroundWay> ways, int left, int each) {
        ways.forEach(way -> way.atMost = atMost(way, left));
        ways.sort(Comparator.comparingInt((GroundWay way) -> -way.atMost));
        List<GroundWay> best = new ArrayList<>();
        Set<Long> places = new HashSet<>();
        Map<Integer, Integer> kept = new HashMap<>();
        for (GroundWay way : ways) {
            if (places.add(place(way)) && kept.merge(kind(way, left), 1, Integer::sum) <= each) best.add(way);
        }
        return best;
    }

    /** What the whole of it can be worth; how far a round travels is given by the floor. */
    private int atMost(GroundWay way, int left) {
        int travelled = corners < 0 ? 0 : score.ofTravel(way.travel) + prices.slow() * way.travel;
        return way.score - travelled + bounds.score(left, way.node, way.mask);
    }

    private static long place(GroundWay way) {
        long place = way.node;
        place = place * 4096 + way.mask;
        place = place * 64 + way.at.side();
        place = place * 512 + Math.floorDiv(way.at.x(), SAME);
        return place * 512 + Math.floorDiv(way.at.y(), SAME);
    }

    /** Ways that are compared with each other. */
    private int kind(GroundWay way, int left) {
        Spot at = way.at;
        if (corners < 0) return at.side() * 512 + way.travel / STRETCH;
        int kind = at.side() * 64 + (int) Math.round((pace(way.travel, left) + 1) * PACES);
        int taken = at.bottom() - at.top();
        int room = 2 * Math.min(width - taken, length - at.right() + at.left());
        return kind * 64 + (at.side() == 0 ? taken : room) / ROOMS;
    }
}
