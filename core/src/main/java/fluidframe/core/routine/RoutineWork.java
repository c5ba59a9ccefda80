package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.FloorWalk;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Link;
import fluidframe.core.link.Linker;
import fluidframe.core.link.Repertoire;
import java.util.ArrayList;
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
    private final List<Block> blocks = new ArrayList<>();
    private final List<Junction> junctions = new ArrayList<>();

    private RoutineWork(Repertoire repertoire, Dance dance) {
        this.repertoire = repertoire;
        this.dance = dance;
    }

    /** Refuses a figure, part or variant that the repertoire does not have, naming its place. */
    public static RoutineWork of(Dance dance, List<PlacedFigure> placed, Repertoire repertoire) {
        RoutineWork work = new RoutineWork(repertoire, dance);
        for (int i = 0; i < placed.size(); i++) {
            PlacedFigure figure = placed.get(i);
            int place = i + 1;
            Danceable danced = repertoire
                    .find(figure.figureId(), figure.use())
                    .orElseThrow(() -> new IllegalArgumentException(
                            "Figure " + place + " of the routine must be in the library, but \"" + figure.figureId()
                                    + "\" with that part or variant is not"));
            if (danced.figure().dance() != dance) {
                throw new IllegalArgumentException("Figure " + place + " of the routine must be a " + dance
                        + " figure, but was a " + danced.figure().dance() + " figure");
            }
            work.append(danced, figure.corner());
        }
        return work;
    }

    private void append(Danceable danced, boolean corner) {
        if (blocks.isEmpty()) {
            blocks.add(
                    new Block(danced, danced.chart().startBeat(), danced.chart().length(), 0, 0));
            return;
        }
        Block last = blocks.get(blocks.size() - 1);
        Arrival arrival = arrivalAfter(last);
        Link link = Linker.link(corner ? arrival.afterCorner() : arrival, danced);
        junctions.add(new Junction(
                blocks.size(),
                link,
                customary(last.danced(), danced),
                link.verdict() == Link.Verdict.YES ? List.of() : repairs(last, danced)));
        int rotation = nearestEntry(danced, link.rotation());
        blocks.add(new Block(
                danced,
                last.start().plus(last.length()),
                danced.chart().length(),
                rotation,
                last.corners() + (corner ? 1 : 0)));
    }

    private static Arrival arrivalAfter(Block block) {
        return Arrival.after(block.danced(), block.rotation(), block.start());
    }

    private static int nearestEntry(Danceable danced, int rotation) {
        return danced.entryRotations().stream()
                .min(Comparator.comparingInt(r -> {
                    int apart = Math.floorMod(r - rotation, 16);
                    return Math.min(apart, 16 - apart);
                }))
                .orElse(0);
    }

    private static boolean customary(Danceable before, Danceable after) {
        return before.figure().teaching().follows().contains(after.figure().id())
                || after.figure().teaching().precedes().contains(before.figure().id());
    }

    private List<Junction.Repair> repairs(Block before, Danceable after) {
        List<Junction.Repair> repairs = new ArrayList<>();
        for (Danceable between : repertoire.of(dance)) {
            Link link = Linker.link(arrivalAfter(before), between);
            if (link.verdict() != Link.Verdict.YES) continue;
            Beats start = before.start().plus(before.length());
            Link onward = Linker.link(Arrival.after(between, link.rotation(), start), after);
            if (onward.verdict() == Link.Verdict.YES) repairs.add(new Junction.Repair(between, link, onward));
        }
        repairs.sort(
                Comparator.comparing((Junction.Repair r) -> r.figure().chart().length()));
        return repairs;
    }

    public List<Block> blocks() {
        return List.copyOf(blocks);
    }

    public List<Junction> junctions() {
        return List.copyOf(junctions);
    }

    public Beats length() {
        return blocks.isEmpty()
                ? Beats.ZERO
                : blocks.get(blocks.size() - 1)
                        .start()
                        .plus(blocks.get(blocks.size() - 1).length())
                        .minus(blocks.get(0).start());
    }

    /** The state after figure {@code index} (from 0); empty before the first. */
    public Optional<Arrival> arrivalAfter(int index) {
        return index < 0 || index >= blocks.size() ? Optional.empty() : Optional.of(arrivalAfter(blocks.get(index)));
    }

    /** What can be danced after figure {@code index} (from 0), or to begin with for -1: yes before yes if. */
    public List<Successor> successors(int index) {
        Optional<Arrival> arrival = arrivalAfter(index);
        List<Successor> successors = new ArrayList<>();
        for (Danceable next : repertoire.of(dance)) {
            if (arrival.isEmpty()) {
                if (next.use().part().isEmpty() && next.use().variant().isEmpty()) {
                    Link free = new Link(Link.Verdict.YES, List.of(), List.of(), 0);
                    successors.add(new Successor(
                            next, free, false, leadsOn(next, 0, next.chart().startBeat(), index + 1)));
                }
                continue;
            }
            Link link = Linker.link(arrival.get(), next);
            if (link.verdict() == Link.Verdict.NO) continue;
            Block before = blocks.get(index);
            Beats start = before.start().plus(before.length());
            boolean leadsOn = link.verdict() == Link.Verdict.YES && leadsOn(next, link.rotation(), start, index + 1);
            successors.add(new Successor(next, link, customary(before.danced(), next), leadsOn));
        }
        successors.sort(Comparator.comparing((Successor s) -> s.link().verdict())
                .thenComparing(s -> !s.customary())
                .thenComparing(s -> !s.leadsOn()));
        return successors;
    }

    private boolean leadsOn(Danceable next, int rotation, Beats start, int following) {
        if (following >= blocks.size()) return false;
        return Linker.link(
                                Arrival.after(next, rotation, start),
                                blocks.get(following).danced())
                        .verdict()
                == Link.Verdict.YES;
    }

    /** The feet of both over the hall; the figures follow each other without a break. */
    public FloorPlan floor(Hall hall, Stride stride) {
        if (blocks.isEmpty()) return FloorPlan.empty(hall.start());
        List<FloorWalk.Leg> legs = blocks.stream()
                .map(block -> new FloorWalk.Leg(block.danced().ledger(), block.roomRotation()))
                .toList();
        return FloorWalk.plan(legs, hall.start(), stride);
    }

    /** Whether anybody's last turn, side or foot says that the routine could be danced again from its end. */
    public boolean canRepeat() {
        if (blocks.isEmpty()) return false;
        Arrival end = arrivalAfter(blocks.get(blocks.size() - 1));
        Link link = Linker.link(end, blocks.get(0).danced());
        return link.verdict() == Link.Verdict.YES
                || link.verdict() == Link.Verdict.YES_IF
                        && link.adjustments().stream().anyMatch(a -> a.lastTurnSixteenths() == 0);
    }

    /** Signed sixteenths the man turns over all, right positive, and left: for the balance of turns. */
    public int turned(int side) {
        return blocks.stream()
                .flatMap(block -> block.danced().ledger().of(Role.MAN).rows().stream())
                .mapToInt(row -> row.step().turn().sixteenths())
                .filter(turn -> Integer.signum(turn) == side)
                .sum();
    }

    /** Where on the floor figure {@code index} begins: the middle of the couple. */
    public Point beginning(FloorPlan plan, Block block) {
        double onset = block.start().minus(blocks.get(0).start()).toDouble();
        Point man = plan.startMan();
        Point lady = plan.startLady();
        for (var fall : plan.footfalls()) {
            if (fall.onset() >= onset) break;
            if (fall.role() == Role.MAN) man = fall.centre();
            else lady = fall.centre();
        }
        return man.towards(lady, 0.5);
    }
}
