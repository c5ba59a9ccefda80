package fluidframe.core.link;

import fluidframe.core.count.Beats;
import fluidframe.core.direction.Direction;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What may follow what in one dance, over everything that can be danced of its figures. A place in it is not a figure alone
 * but also how it is turned and on which beat it begins, since both decide what can follow. Followers are worked out when they
 * are first asked for and kept.
 */
public final class DanceGraph {
    private final List<Danceable> all;
    private final Map<Place, List<Step>> after = new ConcurrentHashMap<>();

    /**
     * One way of dancing a figure.
     *
     * @param rotation by how many sixteenths it is turned from its chart, 0 to 15
     * @param beat the beat of the bar on which it begins, from 0
     */
    public record Place(Danceable danced, int rotation, Beats beat) {}

    /** To another place, with what has to be adjusted on the way, or nothing. */
    public record Step(Place to, Adjustment adjusted) {}

    private DanceGraph(List<Danceable> all) {
        this.all = List.copyOf(all);
    }

    /** Everything of one dance, as {@link Repertoire#of(fluidframe.core.count.Dance)} gives it. */
    public static DanceGraph of(List<Danceable> all) {
        return new DanceGraph(all);
    }

    /** Where a figure may be begun, from its first step, on any of its alignments. */
    public List<Place> beginnings(String figureId) {
        List<Place> places = new ArrayList<>();
        for (Danceable danced : all) {
            if (!danced.figure().id().equals(figureId) || !danced.isFromTheStart()) continue;
            for (int rotation : danced.entryRotations()) {
                places.add(new Place(danced, rotation, danced.chart().startBeat()));
            }
        }
        return places;
    }

    /** What may follow, as it stands or by any of the adjustments that a link allows. */
    public List<Step> after(Place place) {
        return after.computeIfAbsent(place, this::followers);
    }

    private List<Step> followers(Place place) {
        Arrival arrival = Arrival.after(place.danced(), place.rotation(), place.beat());
        List<Step> steps = new ArrayList<>();
        for (Danceable next : all) {
            if (!Linker.mayFollow(arrival, next)) continue;
            Link link = Linker.link(arrival, next);
            if (link.verdict() == Link.Verdict.YES) {
                steps.add(new Step(new Place(next, link.rotation(), arrival.nextBeat()), Adjustment.NONE));
            }
            for (Adjustment adjustment : link.adjustments()) {
                int turned = adjustment.lastTurnSixteenths() * arrival.turnSide()
                        + (adjustment.corner() ? Direction.CORNER_SIXTEENTHS : 0);
                int rotation = Math.floorMod(link.rotation() + turned, Direction.SIXTEENTHS);
                steps.add(new Step(new Place(next, rotation, arrival.nextBeat()), adjustment));
            }
        }
        return List.copyOf(steps);
    }

    /** Ids of the figures that can be danced sooner or later after this one, itself included. */
    public Set<String> reachedFrom(String figureId) {
        Set<Place> seen = new HashSet<>(beginnings(figureId));
        Deque<Place> open = new ArrayDeque<>(seen);
        Set<String> reached = new LinkedHashSet<>();
        while (!open.isEmpty()) {
            Place place = open.poll();
            reached.add(place.danced().figure().id());
            after(place).stream().map(Step::to).filter(seen::add).forEach(open::add);
        }
        return reached;
    }
}
