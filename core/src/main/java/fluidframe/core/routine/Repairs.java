package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.Linker;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The shortest ways to mend a broken join: the figure before or after it danced as another variant or part, one figure put
 * between, or, where no single change helps, every pair of two figures between of the least length.
 */
final class Repairs {
    private final DanceGraph graph;
    private final List<Danceable> all;
    private final Optional<Block> beforeThat;
    private final Block before;
    private final Danceable after;
    private final boolean corner;

    /**
     * @param graph what may follow what in the dance
     * @param all everything of the dance that could be put in
     * @param beforeThat the block before the figure before the join, if there is one
     */
    Repairs(
            DanceGraph graph,
            List<Danceable> all,
            Optional<Block> beforeThat,
            Block before,
            Danceable after,
            boolean corner) {
        this.graph = graph;
        this.all = all;
        this.beforeThat = beforeThat;
        this.before = before;
        this.after = after;
        this.corner = corner;
    }

    List<Repair> find() {
        List<Repair> found = new ArrayList<>(otherwise());
        found.addAll(between());
        if (found.isEmpty()) found.addAll(twoBetween());
        // What is there danced otherwise changes less than anything put between.
        found.sort(Comparator.comparing((Repair repair) -> repair.kind() == Repair.Kind.BETWEEN)
                .thenComparingDouble(repair -> Math.abs(repair.beats())));
        return found;
    }

    private Arrival arrival() {
        return Arrival.after(before.danced(), before.rotation(), before.start());
    }

    /** The join as the corner before it has it. */
    private Link into(Arrival arrival, Danceable next) {
        return Linker.link(corner ? arrival.afterCorner() : arrival, next);
    }

    private static boolean holds(Link link) {
        return link.verdict() == Link.Verdict.YES;
    }

    /** Other ways of dancing one of the two; whatever stood before the figure before must still lead into it. */
    private List<Repair> otherwise() {
        List<Repair> found = new ArrayList<>();
        for (Danceable other : all) {
            if (other.figure().equals(after.figure()) && !other.use().equals(after.use())) {
                if (holds(into(arrival(), other))) found.add(repair(Repair.Kind.AFTER, List.of(other), after));
            }
            if (other.figure().equals(before.danced().figure())
                    && !other.use().equals(before.danced().use())
                    && leadsInto(other)) {
                Arrival arrival = Arrival.after(other, before.rotation(), before.start());
                Link link = into(arrival, after);
                if (holds(link)) found.add(repair(Repair.Kind.BEFORE, List.of(other), before.danced()));
                else if (link.verdict() == Link.Verdict.YES_IF)
                    adjusted(other, link).ifPresent(found::add);
            }
        }
        return found;
    }

    /** The other way with a little more or less turn, or nearer at its end, where that settles the join without a corner. */
    private Optional<Repair> adjusted(Danceable other, Link link) {
        return link.adjustments().stream()
                .filter(adjustment -> !adjustment.corner())
                .findFirst()
                .map(adjustment -> Danceable.of(
                        other.figure(),
                        other.use()
                                .withLastTurn(adjustment.lastTurnSixteenths())
                                .withEnding(adjustment.ending())))
                .map(danced -> repair(Repair.Kind.BEFORE, List.of(danced), before.danced()));
    }

    private boolean leadsInto(Danceable other) {
        if (beforeThat.isEmpty() || beforeThat.get().isFree()) return true;
        if (before.corners() != beforeThat.get().corners()) return false;
        Link link = Linker.link(
                Arrival.after(
                        beforeThat.get().danced(),
                        beforeThat.get().rotation(),
                        beforeThat.get().start()),
                other);
        return holds(link) && link.rotation() == before.rotation();
    }

    private static Repair repair(Repair.Kind kind, List<Danceable> figures, Danceable instead) {
        double length = 0;
        for (Danceable figure : figures) length += figure.length().toDouble();
        return new Repair(
                kind,
                figures,
                instead == null ? length : length - instead.length().toDouble());
    }

    private DanceGraph.Place place() {
        Beats bar = before.danced().chart().dance().bar();
        return new DanceGraph.Place(
                before.danced(), before.rotation(), before.start().remainder(bar));
    }

    private List<DanceGraph.Place> following(DanceGraph.Place from) {
        return graph.after(from).stream()
                .filter(step -> step.adjusted().cost() == 0)
                .map(DanceGraph.Step::to)
                .toList();
    }

    private boolean leadsOn(DanceGraph.Place place) {
        return holds(into(Arrival.after(place.danced(), place.rotation(), place.beat()), after));
    }

    private List<Repair> between() {
        return following(place()).stream()
                .filter(this::leadsOn)
                .map(place -> repair(Repair.Kind.BETWEEN, List.of(place.danced()), null))
                .toList();
    }

    private List<Repair> twoBetween() {
        List<Repair> found = new ArrayList<>();
        Beats least = null;
        for (DanceGraph.Place first : following(place())) {
            for (DanceGraph.Place second : following(first)) {
                Beats length = first.danced().length().plus(second.danced().length());
                if (least != null && length.compareTo(least) > 0 || !leadsOn(second)) continue;
                if (least == null || length.compareTo(least) < 0) found.clear();
                least = length;
                found.add(repair(Repair.Kind.BETWEEN, List.of(first.danced(), second.danced()), null));
            }
        }
        return found;
    }
}
