package fluidframe.server.demo;

import fluidframe.core.chart.Chart;
import fluidframe.core.couple.Role;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Logged;
import fluidframe.core.people.Couple;
import fluidframe.core.routine.Block;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.ribbon.RoutineDesk;
import fluidframe.server.store.Document;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** What was seen in eight weeks: mostly clean runs that get faster, some usual faults, and three told at length. */
final class DemoLog {
    private static final int SEED = 16;
    private static final int RUNS_A_WEEK = 5;
    private static final double USUAL = 0.18;
    private static final double THROUGH = 0.4;
    /** The routines that were made in the middle of the time, and the week from which they are danced through. */
    private static final String OPEN = "open-";

    private static final int OPEN_WEEK = 4;

    /**
     * A fault with a history.
     *
     * @param before how often until the cue was given, from 0 to 1
     * @param after how often since
     * @param week in which the cue was given, from the first
     */
    private record Story(
            String figure,
            Role role,
            int row,
            String seen,
            String cause,
            String cue,
            double before,
            double after,
            int week) {}

    private static final List<Story> STORIES = List.of(
            new Story(
                    "waltz.natural-spin-turn",
                    Role.LADY,
                    5,
                    "heel early",
                    "she waits for him instead of for her knee",
                    "wait for the knee",
                    0.75,
                    0.1,
                    3),
            new Story(
                    "rumba.alemana",
                    Role.LADY,
                    5,
                    "turns before she stands",
                    "weight still behind",
                    "stand first",
                    0.7,
                    0.08,
                    4),
            new Story(
                    "waltz.closed-telemark",
                    Role.LADY,
                    2,
                    "head left behind",
                    "",
                    "ear over his shoulder",
                    0.5,
                    0.5,
                    3));

    private final FigureShelf shelf;
    private final Function<String, RoutineDesk.WorkedOut> worked;
    private final UnaryOperator<String> names;
    private final LocalDate today;
    private final Random random = new Random(SEED);
    private final List<Logged> entries = new ArrayList<>();

    DemoLog(
            FigureShelf shelf,
            Function<String, RoutineDesk.WorkedOut> worked,
            UnaryOperator<String> names,
            LocalDate today) {
        this.shelf = shelf;
        this.worked = worked;
        this.names = names;
        this.today = today;
    }

    List<Logged> entries(List<Document<Couple>> couples) {
        for (int i = 0; i < couples.size(); i++) {
            Document<Couple> couple = couples.get(i);
            for (int week = 0; week <= DemoPeople.WEEKS; week++) {
                LocalDate day = today.minusDays(i % 3).minusWeeks(DemoPeople.WEEKS - week);
                if (day.isBefore(today)) lesson(couple, day, week);
            }
        }
        return entries;
    }

    private void lesson(Document<Couple> couple, LocalDate day, int week) {
        Instant at = day.atTime(17, 0).atZone(ZoneId.systemDefault()).toInstant();
        int nth = 0;
        for (String id : couple.value().work().figures()) {
            Chart chart = shelf.shipped(id).orElseThrow();
            for (int i = 0; i < RUNS_A_WEEK; i++) {
                String key = couple.id() + "-" + week + "-" + nth;
                run(couple, chart, key, at.plusSeconds(60L * nth++), week, i);
            }
        }
        List<String> routines = couple.value().work().routines();
        for (String routine : routines) {
            boolean danced = routine.startsWith(OPEN) ? week >= OPEN_WEEK : routine.equals(routines.get(0));
            if (danced) through(couple, routine, couple.id() + routine + week, at.plusSeconds(60L * nth++), week);
        }
    }

    /** Twice through, now and then with a fault somewhere on the way. */
    private void through(Document<Couple> couple, String routine, String key, Instant at, int week) {
        RoutineDesk.WorkedOut danced = worked.apply(routine);
        List<Block> blocks = danced.work().blocks();
        double end = blocks.get(blocks.size() - 1).end().toDouble();
        double tempo = danced.played().slowest() * (0.86 + 0.02 * week);
        Entry.Subject subject = new Entry.Subject("routine", routine, names.apply(routine));
        Entry.Whom whom = new Entry.Whom(couple.id(), couple.value().name(), "");
        for (int i = 0; i < 2; i++) {
            Entry.Run run = new Entry.Run(key + "-" + i, 0, end, Math.round(tempo * 2) / 2.0 + i / 2.0);
            int place = random.nextInt(blocks.size());
            Optional<Entry.Fault> fault =
                    random.nextDouble() < THROUGH && !blocks.get(place).isFree()
                            ? Optional.of(onTheWay(blocks.get(place).danced().figure(), place + 1))
                            : Optional.empty();
            entries.add(new Logged(at.plusSeconds(240L * i), new Entry(subject, run, fault, whom)));
        }
    }

    private Entry.Fault onTheWay(Chart chart, int place) {
        return new Entry.Fault(
                chart.id(),
                chart.identity().name(),
                place,
                random.nextBoolean() ? Role.MAN : Role.LADY,
                1 + random.nextInt(rows(chart)),
                random.nextBoolean() ? "late after the corner" : "loses the frame",
                "",
                "");
    }

    private void run(Document<Couple> couple, Chart chart, String key, Instant at, int week, int nth) {
        double slow = chart.dance().slowestBarsPerMinute() * 0.8;
        double full = chart.dance().fastestBarsPerMinute();
        double reached = slow + (full - slow) * Math.min(1, (week + nth / 2.0) / (DemoPeople.WEEKS + 2));
        double tempo = Math.round(reached * 2) / 2.0;
        boolean side = chart.repeats().stream().anyMatch(group -> group.mirrored()) && nth % 3 == 2;
        String shortKey = Integer.toHexString(key.hashCode()) + "-" + week + "-" + nth;
        Entry.Run run = new Entry.Run(
                shortKey, 0, chart.length().toDouble(), OptionalDouble.of(tempo), part(couple.value()), side);
        List<Entry.Fault> faults = new ArrayList<>();
        for (Story story : STORIES) {
            if (!story.figure().equals(chart.id())) continue;
            boolean seen = random.nextDouble() < (week < story.week() ? story.before() : story.after());
            boolean told = week >= story.week();
            if (seen || week == story.week() && nth == 0) faults.add(fault(chart, story, told));
        }
        chart.teaching().faults().stream()
                .limit(2)
                .filter(fault -> random.nextDouble() < USUAL / 2 && canBeOf(couple.value(), fault.seen()))
                .forEach(fault -> faults.add(new Entry.Fault(
                        chart.id(),
                        chart.identity().name(),
                        0,
                        role(couple.value(), fault.seen()),
                        1 + random.nextInt(rows(chart)),
                        fault.seen(),
                        "",
                        fault.cue())));
        Entry.Subject subject =
                new Entry.Subject("figure", chart.id(), chart.identity().name());
        Entry.Whom whom = new Entry.Whom(couple.id(), couple.value().name(), "");
        if (faults.isEmpty()) entries.add(new Logged(at, new Entry(subject, run, Optional.empty(), whom)));
        for (Entry.Fault fault : faults) entries.add(new Logged(at, new Entry(subject, run, Optional.of(fault), whom)));
    }

    private static Entry.Fault fault(Chart chart, Story story, boolean told) {
        return new Entry.Fault(
                chart.id(),
                chart.identity().name(),
                0,
                story.role(),
                story.row(),
                story.seen(),
                told ? story.cause() : "",
                told ? story.cue() : "");
    }

    private static int rows(Chart chart) {
        return Math.min(chart.steps(Role.MAN).size(), chart.steps(Role.LADY).size());
    }

    /** Of whom the fault speaks; of anybody where it speaks of both. */
    private Role role(Couple couple, String seen) {
        if (couple.isAlone()) return couple.role();
        boolean any = random.nextBoolean();
        return spokenOf(seen).orElse(any ? Role.MAN : Role.LADY);
    }

    private static Optional<Role> spokenOf(String seen) {
        if (seen.startsWith("He ") || seen.startsWith("His ")) return Optional.of(Role.MAN);
        if (seen.startsWith("She ") || seen.startsWith("Her ")) return Optional.of(Role.LADY);
        return Optional.empty();
    }

    /** Nobody who dances alone makes a fault of the partner. */
    private static boolean canBeOf(Couple couple, String seen) {
        return !couple.isAlone() || spokenOf(seen).orElse(couple.role()) == couple.role();
    }

    private static Entry.Part part(Couple couple) {
        if (!couple.isAlone()) return Entry.Part.BOTH;
        return couple.role() == Role.MAN ? Entry.Part.MAN : Entry.Part.LADY;
    }
}
