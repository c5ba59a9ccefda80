package fluidframe.server.record;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.link.Danceable;
import fluidframe.core.log.Danced;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Heat;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.RoutineWork;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * Where a routine or figure is weak.
 *
 * @param halfLifeDays after so many days what was seen weighs half
 * @param places the figures in order; one for a figure by itself
 * @param bars each bar of a routine; none for a figure by itself
 */
record HeatView(int halfLifeDays, int beatsPerBar, List<PlaceHeat> places, List<BarHeat> bars) {
    /** @param warmth from 0 to 1, weighed by age; the rate as counted */
    record Warmth(double warmth, RateView rate) {
        static Warmth of(Heat heat) {
            return new Warmth(RateView.rounded(heat.warmth()), RateView.of(heat.rate()));
        }
    }

    /**
     * A figure in its place.
     *
     * @param place from 1
     * @param start beats from the first of the first bar
     */
    record PlaceHeat(
            int place,
            String figure,
            String name,
            double start,
            double end,
            int bar,
            Warmth heat,
            List<RowHeat> rows) {}

    /** A row of a chart; the rows count from 1. */
    record RowHeat(String role, int row, String action, Warmth heat) {}

    /** A bar, from 1. */
    record BarHeat(int bar, Warmth heat) {}

    /** @param runs of the routine and of its figures by themselves */
    static HeatView of(RoutineWork work, String routine, List<Danced> runs, Instant now) {
        List<Block> blocks = work.blocks();
        List<PlaceHeat> places = new ArrayList<>();
        TreeMap<Integer, List<Predicate<Danced>>> faulty = new TreeMap<>();
        TreeMap<Integer, Set<Predicate<Danced>>> covered = new TreeMap<>();
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            if (block.isFree()) continue;
            int place = i + 1;
            Predicate<Danced> covers = run -> covers(run, routine, block);
            places.add(place(
                    place,
                    block.danced(),
                    block.start().toDouble(),
                    block.bar(work.dance().bar()),
                    covers,
                    fault -> at(fault, place, blocks),
                    runs,
                    now));
            for (Role role : Role.values()) {
                for (LedgerRow row : block.danced().ledger().of(role).rows()) {
                    int bar = block.start()
                                    .plus(row.onset())
                                    .dividedBy(work.dance().bar())
                            + 1;
                    covered.computeIfAbsent(bar, key -> new LinkedHashSet<>()).add(covers);
                    faulty.computeIfAbsent(bar, key -> new ArrayList<>())
                            .add(run -> run.faults().stream()
                                    .anyMatch(fault -> at(fault, place, blocks)
                                            && fault.role() == role
                                            && fault.row() == row.number()));
                }
            }
        }
        List<BarHeat> bars = new ArrayList<>();
        faulty.forEach((bar, tests) ->
                bars.add(new BarHeat(bar, Warmth.of(Heat.of(runs, any(covered.get(bar)), any(tests), now)))));
        return new HeatView((int) Heat.HALF_LIFE.toDays(), work.dance().beatsPerBar(), places, bars);
    }

    static HeatView of(Danceable figure, List<Danced> runs, Instant now) {
        return new HeatView(
                (int) Heat.HALF_LIFE.toDays(),
                figure.chart().dance().beatsPerBar(),
                List.of(place(1, figure, 0, 1, run -> true, fault -> true, runs, now)),
                List.of());
    }

    private static Predicate<Danced> any(Collection<Predicate<Danced>> tests) {
        return run -> tests.stream().anyMatch(test -> test.test(run));
    }

    private static boolean covers(Danced run, String routine, Block block) {
        if (!run.subject().isRoutine()) return Known.isOf(block, run.subject().id());
        return run.subject().id().equals(routine) && Known.covers(run, block);
    }

    /** A fault seen in a routine is at its place as long as the figure is still there; otherwise wherever the figure is. */
    private static boolean at(Entry.Fault fault, int place, List<Block> blocks) {
        if (!Known.isOf(blocks.get(place - 1), fault.figure())) return false;
        int said = fault.place();
        boolean stands = said >= 1 && said <= blocks.size() && Known.isOf(blocks.get(said - 1), fault.figure());
        return !stands || said == place;
    }

    private static PlaceHeat place(
            int place,
            Danceable danced,
            double start,
            int bar,
            Predicate<Danced> covers,
            Predicate<Entry.Fault> at,
            List<Danced> runs,
            Instant now) {
        List<RowHeat> rows = new ArrayList<>();
        for (Role role : Role.values()) {
            for (LedgerRow row : danced.ledger().of(role).rows()) {
                Predicate<Danced> faulty = run -> run.faults().stream()
                        .anyMatch(fault -> at.test(fault) && fault.role() == role && fault.row() == row.number());
                Heat heat = Heat.of(runs, covers, faulty, now);
                rows.add(new RowHeat(
                        role.toString(),
                        row.number(),
                        row.step().foot() + "F " + row.step().placement(),
                        Warmth.of(heat)));
            }
        }
        Heat whole = Heat.of(runs, covers, run -> run.faults().stream().anyMatch(at), now);
        return new PlaceHeat(
                place,
                danced.chart().id(),
                danced.name(),
                start,
                start + danced.chart().length().toDouble(),
                bar,
                Warmth.of(whole),
                rows);
    }
}
