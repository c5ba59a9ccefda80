package fluidframe.server.links;

import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Dance;
import fluidframe.core.link.Adjustment;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.Condition;
import fluidframe.core.link.Customary;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Linker;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Drill;
import fluidframe.core.plan.Loops;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.Composers;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.ribbon.AdjustmentView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** What joins to what, worked out from the charts as they stand now. */
@Service
class LinkService {
    private static final int MOST_LOOPS = 12;

    private final FigureShelf shelf;
    private final Composers composers;

    LinkService(FigureShelf shelf, Composers composers) {
        this.shelf = shelf;
        this.composers = composers;
    }

    LinkViews.DanceMapView map(Dance dance) {
        Repertoire repertoire = shelf.repertoire();
        LinkMap map = repertoire.map(dance);
        Map<String, String> names = new LinkedHashMap<>();
        for (LinkMap.Band band : map.beginnings()) {
            for (String id : band.figures()) {
                names.put(id, repertoire.chart(id).orElseThrow().identity().name());
            }
        }
        return new LinkViews.DanceMapView(
                map.beginnings().stream().map(LinkViews.BandView::of).toList(),
                map.endings().stream().map(LinkViews.BandView::of).toList(),
                map.cells().stream().map(LinkViews.CellView::of).toList(),
                names);
    }

    LinkViews.AroundView around(String key) {
        Danceable way = find(key);
        Repertoire repertoire = shelf.repertoire();
        List<LinkViews.NeighbourView> into = new ArrayList<>();
        List<LinkViews.NeighbourView> out = new ArrayList<>();
        for (Danceable other : repertoire.of(way.chart().dance())) {
            add(
                    into,
                    other,
                    Customary.best(List.of(other), List.of(way)),
                    Customary.isNamed(other.figure(), way.figure()));
            add(
                    out,
                    other,
                    Customary.best(List.of(way), List.of(other)),
                    Customary.isNamed(way.figure(), other.figure()));
        }
        Comparator<LinkViews.NeighbourView> order = Comparator.comparing(
                        (LinkViews.NeighbourView n) -> !n.verdict().equals("yes"))
                .thenComparing(n -> !n.customary())
                .thenComparing(n -> n.way().name());
        into.sort(order);
        out.sort(order);
        List<LinkViews.WayView> ways = repertoire.usesOf(way.figure().id()).stream()
                .map(LinkViews.WayView::of)
                .toList();
        return new LinkViews.AroundView(LinkViews.WayView.of(way), ways, into, out);
    }

    private static void add(List<LinkViews.NeighbourView> to, Danceable other, Link link, boolean customary) {
        if (link.verdict() == Link.Verdict.NO) return;
        String words =
                link.adjustments().stream().findFirst().map(Adjustment::words).orElse("");
        to.add(new LinkViews.NeighbourView(LinkViews.WayView.of(other), LinkViews.verdict(link), customary, words));
    }

    /** Any two, on the alignment of the first that suits best. */
    LinkViews.PairView pair(String beforeKey, String afterKey) {
        Danceable before = find(beforeKey);
        Danceable after = find(afterKey);
        if (before.chart().dance() != after.chart().dance()) {
            throw new IllegalArgumentException("Both figures must be of one dance, but were "
                    + before.chart().dance().title() + " and "
                    + after.chart().dance().title());
        }
        int turned = bestRotation(before, after);
        Link link = Linker.link(Arrival.after(before, turned, before.chart().startBeat()), after);
        return new LinkViews.PairView(
                LinkViews.WayView.of(before),
                LinkViews.WayView.of(after),
                LinkViews.verdict(link),
                Customary.isNamed(before.figure(), after.figure()),
                before.ledger().of(before.leader()).start().plus(turned).toString(),
                link.conditions().stream().map(LinkViews.PairCondition::of).toList(),
                link.adjustments().stream().map(AdjustmentView::of).toList());
    }

    private static int bestRotation(Danceable before, Danceable after) {
        return before.entryRotations().stream()
                .min(Comparator.comparing(
                                (Integer turned) -> link(before, turned, after).verdict())
                        .thenComparing(turned -> link(before, turned, after).conditions().stream()
                                .filter(condition -> !condition.holds())
                                .map(Condition::kind)
                                .count())
                        .thenComparing(turned -> turned))
                .orElse(0);
    }

    private static Link link(Danceable before, int turned, Danceable after) {
        return Linker.link(Arrival.after(before, turned, before.chart().startBeat()), after);
    }

    List<LinkViews.LoopView> loops(String key) {
        Danceable way = find(key);
        Repertoire repertoire = shelf.repertoire();
        return composers.of(way.chart().dance()).loops(way.figure().id(), MOST_LOOPS).stream()
                .map(loop -> view(loop, repertoire))
                .toList();
    }

    private static LinkViews.LoopView view(Loops.Loop loop, Repertoire repertoire) {
        List<LinkViews.LoopStep> figures = new ArrayList<>();
        for (PlacedFigure placed : loop.figures()) {
            Danceable danced = repertoire.find(placed.figureId(), placed.use()).orElseThrow();
            figures.add(new LinkViews.LoopStep(
                    placed.figureId(),
                    danced.name(),
                    placed.use().variant().orElse(null),
                    placed.use().part().orElse(null),
                    placed.corner()));
        }
        return new LinkViews.LoopView(figures, loop.bars(), loop.metres());
    }

    /**
     * Drills through a figure, and of a part or variant those in which it is danced so.
     *
     * @param mostFigures 1 to 4
     */
    LinkViews.DrillsView drills(String key, int mostFigures) {
        Danceable way = find(key);
        boolean any = way.use().equals(FigureUse.WHOLE);
        Dance dance = way.chart().dance();
        List<Drill> drills = composers.of(dance).drills(way.figure().id(), mostFigures).stream()
                .filter(drill -> any
                        || drill.figures().stream()
                                .anyMatch(danced -> LinkViews.key(danced).equals(key)))
                .toList();
        return new LinkViews.DrillsView(
                drills.size(),
                drills.stream()
                        .filter(drill -> drill.turned() == 0)
                        .limit(MOST_LOOPS)
                        .map(LinkViews.DrillView::of)
                        .toList(),
                drills.stream()
                        .filter(drill -> drill.turned() != 0)
                        .limit(MOST_LOOPS)
                        .map(LinkViews.DrillView::of)
                        .toList(),
                dance.isMoving());
    }

    private Danceable find(String key) {
        String id = key.replaceAll("[~@*^].*", "");
        return shelf.repertoire().usesOf(id).stream()
                .filter(danced -> LinkViews.key(danced).equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("There is no figure \"" + key + "\" that a couple can dance"));
    }
}
