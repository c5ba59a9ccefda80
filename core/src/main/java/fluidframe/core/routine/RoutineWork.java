package fluidframe.core.routine;

import fluidframe.core.chart.Ending;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.direction.Direction;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.FloorWalk;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Adjustment;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.Customary;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.Linker;
import fluidframe.core.link.Repertoire;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A routine worked out: every figure's place in the music and on the floor, every join, and what could come next. After
 * a join whose alignment is impossible the next figure is taken on the nearest alignment it allows, so that one fault is
 * told once and not again at every later join.
 */
public final class RoutineWork {
    private final Repertoire repertoire;
    private final Dance dance;
    private final int startTurn;
    private final List<Block> blocks = new ArrayList<>();
    private final List<Junction> junctions = new ArrayList<>();

    private RoutineWork(Repertoire repertoire, Dance dance, int startTurn) {
        this.repertoire = repertoire;
        this.dance = dance;
        this.startTurn = Math.floorMod(startTurn, 16);
    }

    /** A routine whose first figure begins as charted. */
    public static RoutineWork of(Dance dance, List<? extends Placed> placed, Repertoire repertoire) {
        return of(dance, placed, repertoire, 0);
    }

    /**
     * What the repertoire does not have keeps its place, with the reason, and the joins are judged round it.
     *
     * @param startTurn by how many sixteenths the first figure is turned from its chart; the nearest alignment on which it
     *     may begin is taken
     */
    public static RoutineWork of(Dance dance, List<? extends Placed> placed, Repertoire repertoire, int startTurn) {
        RoutineWork work = new RoutineWork(repertoire, dance, startTurn);
        for (Placed item : placed) {
            if (item instanceof PlacedElement element) {
                work.appendFree(element.name(), element.length(), false, element.left(), Optional.empty());
            } else if (item instanceof PlacedFigure figure) {
                work.append(figure);
            }
        }
        return work;
    }

    private Beats now() {
        return blocks.isEmpty() ? Beats.ZERO : last().end();
    }

    private Block last() {
        return blocks.get(blocks.size() - 1);
    }

    /** What cannot be found keeps its place, and takes its corner, so that what follows stays on its line of dance. */
    private void append(PlacedFigure figure) {
        Danceable danced;
        try {
            danced = PlaceFinder.of(figure, dance, repertoire);
        } catch (IllegalArgumentException e) {
            String name = PlaceFinder.name(figure, repertoire);
            appendFree(name, dance.bar(), figure.corner(), Optional.empty(), Optional.of(e.getMessage()));
            return;
        }
        append(danced, figure.corner());
    }

    private void appendFree(
            String name, Beats length, boolean corner, Optional<PlacedElement.Left> left, Optional<String> missing) {
        boolean turned = corner && !blocks.isEmpty();
        int rotation = blocks.isEmpty()
                ? startTurn
                : Math.floorMod(leftTurned(last()) + (turned ? Direction.CORNER_SIXTEENTHS : 0), Direction.SIXTEENTHS);
        int corners = blocks.isEmpty() ? 0 : last().corners() + (turned ? 1 : 0);
        if (!blocks.isEmpty()) {
            Link link = new Link(Link.Verdict.YES, List.of(), List.of(), 0);
            junctions.add(new Junction(blocks.size(), link, false, true));
        }
        blocks.add(new Block(name, Optional.empty(), now(), length, rotation, corners, left, missing));
    }

    /** How far the man's feet are turned from the line of dance after a block. */
    private int leftTurned(Block block) {
        return block.arrival(dance.bar())
                .map(end -> end.man().clockwiseFrom(Direction.LOD))
                .orElse(block.rotation());
    }

    private void append(Danceable danced, boolean corner) {
        if (blocks.isEmpty()) {
            add(danced, danced.chart().startBeat(), nearestEntry(danced, startTurn), 0);
            return;
        }
        Block last = last();
        int corners = last.corners() + (corner ? 1 : 0);
        Optional<Arrival> left = last.arrival(dance.bar());
        if (left.isEmpty()) {
            Link link = Linker.freely(now().remainder(dance.bar()), danced);
            junctions.add(new Junction(blocks.size(), link, false, true));
            int faced = danced.ledger().of(danced.leader()).start().clockwiseFrom(Direction.LOD);
            int turned = last.rotation() - faced + (corner ? 4 : 0);
            add(danced, now(), nearestEntry(danced, turned), corners);
            return;
        }
        Link link = Linker.link(corner ? left.get().afterCorner() : left.get(), danced);
        boolean customary = !last.isFree() && Customary.isNamed(last.danced().figure(), danced.figure());
        junctions.add(new Junction(blocks.size(), link, customary, false));
        add(danced, now(), nearestEntry(danced, link.rotation()), corners);
    }

    private void add(Danceable danced, Beats start, int rotation, int corners) {
        blocks.add(new Block(
                danced.name(),
                Optional.of(danced),
                start,
                danced.length(),
                rotation,
                corners,
                Optional.empty(),
                Optional.empty()));
    }

    /** The shortest ways to mend a join between figures; none for one that holds. Each takes a search of its own. */
    public List<Repair> repairs(Junction junction) {
        if (!junction.isBroken() || junction.free()) return List.of();
        int index = junction.index();
        if (blocks.get(index - 1).isFree()) return List.of();
        Optional<Block> beforeThat = index < 2 ? Optional.empty() : Optional.of(blocks.get(index - 2));
        Danceable after = blocks.get(index).danced();
        return new Repairs(
                        repertoire.graph(dance),
                        repertoire.of(dance),
                        beforeThat,
                        blocks.get(index - 1),
                        after,
                        takesCorner(index))
                .find();
    }

    private static int nearestEntry(Danceable danced, int rotation) {
        return danced.entryRotations().stream()
                .min(Comparator.comparingInt(r -> {
                    int apart = Math.floorMod(r - rotation, 16);
                    return Math.min(apart, 16 - apart);
                }))
                .orElse(0);
    }

    public Dance dance() {
        return dance;
    }

    /** Every way in which a figure of the dance can be danced. */
    public List<Danceable> usesOf(String figureId) {
        return repertoire.usesOf(figureId);
    }

    Repertoire repertoire() {
        return repertoire;
    }

    public List<Block> blocks() {
        return Collections.unmodifiableList(blocks);
    }

    public List<Junction> junctions() {
        return Collections.unmodifiableList(junctions);
    }

    /**
     * The block with which a bar begins. In a dance whose figures begin on a later beat, such as rumba, one that begins there
     * does; empty if that falls within a block or outside the routine.
     *
     * @param bar beats from the first beat of the first bar to that of the bar
     */
    public Optional<Integer> blockAtBar(Beats bar) {
        Beats lead = blocks.stream()
                .flatMap(block -> block.figure().stream())
                .map(danced -> danced.chart().startBeat())
                .findFirst()
                .orElse(Beats.ZERO);
        for (int i = 0; i < blocks.size(); i++) {
            Beats start = blocks.get(i).start();
            if (start.equals(bar) || start.equals(bar.plus(lead))) return Optional.of(i);
        }
        return Optional.empty();
    }

    /** Whether the corner is taken before a block. */
    public boolean takesCorner(int index) {
        return index > 0 && blocks.get(index).corners() > blocks.get(index - 1).corners();
    }

    public Beats length() {
        return blocks.isEmpty() ? Beats.ZERO : now().minus(blocks.get(0).start());
    }

    /** How many of the blocks stand for figures that cannot be found. */
    public int missing() {
        return (int) blocks.stream().filter(Block::isMissing).count();
    }

    /** The state after block {@code index} (from 0); empty before the first and where nobody has said it. */
    public Optional<Arrival> arrivalAfter(int index) {
        return index < 0 || index >= blocks.size()
                ? Optional.empty()
                : blocks.get(index).arrival(dance.bar());
    }

    /** What can be danced after block {@code index} (from 0), or to begin with for -1: yes before yes if. */
    public List<Successor> successors(int index) {
        Optional<Arrival> arrival = arrivalAfter(index);
        List<Successor> successors = new ArrayList<>();
        for (Danceable next : repertoire.of(dance)) {
            Beats start = index < 0
                    ? next.chart().startBeat()
                    : blocks.get(Math.min(index, blocks.size() - 1)).end();
            Link link = arrival.map(a -> Linker.link(a, next))
                    .orElseGet(() -> Linker.freely(start.remainder(dance.bar()), next));
            boolean begins = next.isFromTheStart() && next.use().variant().isEmpty();
            if (link.verdict() == Link.Verdict.NO || arrival.isEmpty() && !begins) continue;
            boolean leadsOn = link.verdict() == Link.Verdict.YES && leadsOn(next, link.rotation(), start, index + 1);
            boolean customary = arrival.isPresent()
                    && !blocks.get(index).isFree()
                    && Customary.isNamed(blocks.get(index).danced().figure(), next.figure());
            successors.add(new Successor(next, link, customary, leadsOn));
        }
        // To begin with a whole figure is usual, a part of one is for drills.
        successors.sort(Comparator.comparing((Successor s) ->
                        arrival.isEmpty() && s.figure().use().part().isPresent())
                .thenComparing(s -> s.link().verdict())
                .thenComparing(s -> !s.customary())
                .thenComparing(s -> !s.leadsOn()));
        return successors;
    }

    private boolean leadsOn(Danceable next, int rotation, Beats start, int following) {
        if (following >= blocks.size()) return false;
        Block after = blocks.get(following);
        if (after.isFree()) return true;
        Arrival arrival = Arrival.after(next, rotation, start);
        Link link = Linker.link(takesCorner(following) ? arrival.afterCorner() : arrival, after.danced());
        return link.verdict() == Link.Verdict.YES;
    }

    /** The feet of both over the hall; during a free element the couple is taken to stay. */
    public FloorPlan floor(Hall hall, Stride stride) {
        return floor(hall, stride, List.of(0));
    }

    /** The same danced several times over, each time turned by so many sixteenths more. */
    FloorPlan floor(Hall hall, Stride stride, List<Integer> turns) {
        List<FloorWalk.Leg> legs = new ArrayList<>();
        double pause = blocks.isEmpty() ? 0 : blocks.get(0).start().toDouble();
        for (int turn : turns) {
            for (Block block : blocks) {
                if (block.isFree()) {
                    pause += block.length().toDouble();
                    continue;
                }
                legs.add(new FloorWalk.Leg(block.danced().ledger(), block.roomRotation() + turn, pause));
                pause = 0;
            }
        }
        return legs.isEmpty() ? FloorPlan.empty(hall.start()) : FloorWalk.plan(legs, hall.start(), stride);
    }

    /**
     * How the first figure would follow the last, danced again: as it stands, or with the corner taken; empty if it cannot,
     * or if a free element at either end leaves it to the coach.
     */
    public Optional<Link> again() {
        if (blocks.isEmpty() || last().isFree() || blocks.get(0).isFree()) return Optional.empty();
        Arrival end = last().arrival(dance.bar()).orElseThrow();
        Link link = Linker.link(end, blocks.get(0).danced());
        if (link.verdict() == Link.Verdict.YES) return Optional.of(link);
        boolean withCorner =
                link.adjustments().stream().anyMatch(a -> a.equals(new Adjustment(true, 0, Ending.AS_CHARTED)));
        return withCorner
                ? Optional.of(Linker.link(end.afterCorner(), blocks.get(0).danced()))
                : Optional.empty();
    }

    /** Whether the routine could be danced again from its end. */
    public boolean canRepeat() {
        return again().isPresent();
    }

    /** Signed sixteenths the man turns over all, right positive, and left: for the balance of turns. */
    public int turned(int side) {
        return blocks.stream()
                .filter(block -> !block.isFree())
                .flatMap(block -> block.danced().ledger().of(block.danced().leader()).rows().stream())
                .mapToInt(row -> row.step().turn().sixteenths())
                .filter(turn -> Integer.signum(turn) == side)
                .sum();
    }
}
