package fluidframe.core.event;

import fluidframe.core.chart.Step;
import fluidframe.core.count.TempoBand;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Danceable;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Circuit;
import fluidframe.core.routine.FloorReport;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;

/** A routine held against what an event asks, line by line, each with the numbers that led to it. */
public final class EventCheck {
    private final Event event;
    private final RoutineWork work;
    private final List<Event.Line> lines = new ArrayList<>();
    /** Whether it has to be danced again to last long enough, and can be. */
    private boolean again;

    private EventCheck(Event event, RoutineWork work) {
        this.event = event;
        this.work = work;
    }

    /**
     * Every demand of the event in a line of its own.
     *
     * @param played the slowest and fastest tempo to which it is danced, in bars a minute
     * @param seconds how long the routine lasts, with the song it is set to
     */
    public static List<Event.Line> of(Event event, RoutineWork work, TempoBand played, double seconds, Stride stride) {
        EventCheck check = new EventCheck(event, work);
        check.dance();
        if (event.tempos().containsKey(work.dance())) check.tempo(played);
        check.time(seconds);
        check.level();
        check.barred();
        check.holds();
        check.elements();
        check.missing();
        check.joins();
        event.floor().ifPresent(floor -> check.floor(floor, stride));
        return check.lines;
    }

    private void add(String about, boolean kept, String detail, List<Integer> blocks) {
        lines.add(new Event.Line(about, kept ? Event.Verdict.KEPT : Event.Verdict.BROKEN, detail, blocks));
    }

    private void dance() {
        boolean danced = event.tempos().containsKey(work.dance());
        String title = work.dance().title();
        add("Dance", danced, danced ? title + " is danced there." : title + " is not danced there.", List.of());
    }

    private void tempo(TempoBand played) {
        TempoBand band = event.tempos().get(work.dance());
        boolean kept = played.slowest() >= band.slowest() && played.fastest() <= band.fastest();
        add(
                "Tempo",
                kept,
                range(played) + " bars a minute; " + number(band.slowest()) + " to " + number(band.fastest())
                        + " are played there.",
                List.of());
    }

    private static String range(TempoBand played) {
        String slowest = number(played.slowest());
        return played.slowest() == played.fastest() ? slowest : slowest + " to " + number(played.fastest());
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.format(Locale.ROOT, "%.1f", value);
    }

    /** Minutes and seconds, as {@code "1:45"}. */
    static String clock(double seconds) {
        long whole = Math.round(seconds);
        return whole / 60 + ":" + String.format(Locale.ROOT, "%02d", whole % 60);
    }

    /** A circuit shorter than the heat is danced again, which the heat's length does not forbid; a showcase is not. */
    private void time(double seconds) {
        if (event.leastSeconds() == 0 && event.mostSeconds() == 0) return;
        String asked = event.mostSeconds() == 0
                ? clock(event.leastSeconds()) + " or more"
                : clock(event.leastSeconds()) + " to " + clock(event.mostSeconds());
        boolean tooLong = event.mostSeconds() > 0 && Math.round(seconds) > event.mostSeconds();
        boolean tooShort = Math.round(seconds) < event.leastSeconds();
        again = tooShort && work.canRepeat();
        String detail = "It lasts " + clock(seconds) + "; " + asked + " is asked for.";
        if (again) {
            long times = (long) Math.ceil(event.leastSeconds() / seconds);
            detail += " Danced " + times + " times it lasts " + clock(times * seconds)
                    + ", and the music may end before that.";
        } else if (tooShort) {
            detail += " It cannot be danced again from its end.";
        }
        add("Time", !tooLong && (!tooShort || again), detail, List.of());
    }

    private List<Integer> blocks(Predicate<Block> wanted) {
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < work.blocks().size(); i++)
            if (wanted.test(work.blocks().get(i))) found.add(i);
        return found;
    }

    private String named(List<Integer> blocks) {
        return String.join(
                ", ",
                blocks.stream()
                        .map(i -> work.blocks().get(i).name() + " (bar "
                                + work.blocks().get(i).bar(work.dance().bar()) + ")")
                        .toList());
    }

    private void level() {
        if (event.permitted().isEmpty()) return;
        List<Integer> above = blocks(block -> block.figure()
                .map(d -> !event.permitted().contains(d.figure().id()))
                .orElse(false));
        add(
                "Level",
                above.isEmpty(),
                above.isEmpty()
                        ? "Every figure is permitted up to " + event.level() + "."
                        : "Not permitted up to " + event.level() + ": " + named(above) + ".",
                above);
    }

    private void barred() {
        if (event.barred().isEmpty()) return;
        List<Integer> found = blocks(this::isBarred);
        add(
                "Barred",
                found.isEmpty(),
                found.isEmpty() ? "Nothing barred is danced." : "Barred: " + named(found) + ".",
                found);
    }

    /** A figure by its id or name, anything by what it is called. */
    private boolean isBarred(Block block) {
        if (event.barred().contains(block.name().toLowerCase(Locale.ROOT))) return true;
        return block.figure()
                .map(Danceable::figure)
                .filter(figure -> event.barred().contains(figure.id())
                        || event.barred().contains(figure.identity().name().toLowerCase(Locale.ROOT)))
                .isPresent();
    }

    private void holds() {
        if (event.barredHolds().isEmpty()) return;
        List<Integer> found = blocks(this::takesBarredHold);
        String barred = String.join(
                ", ", event.barredHolds().stream().map(Hold::toString).sorted().toList());
        add(
                "Holds",
                found.isEmpty(),
                found.isEmpty()
                        ? "None of " + barred + " is taken."
                        : "Not permitted (" + barred + "): " + named(found) + ".",
                found);
    }

    private boolean takesBarredHold(Block block) {
        if (block.isFree()) return false;
        if (event.barredHolds().contains(block.danced().chart().start().hold())) return true;
        for (Role role : Role.values()) {
            for (Step step : block.danced().chart().steps(role)) {
                if (step.hold().map(event.barredHolds()::contains).orElse(false)) return true;
            }
        }
        return false;
    }

    private void elements() {
        List<Integer> free = blocks(block -> block.isFree() && !block.isMissing());
        if (free.isEmpty()) return;
        if (!event.freeElements()) {
            add("Free elements", false, "None are permitted, but there are: " + named(free) + ".", free);
            return;
        }
        lines.add(new Event.Line(
                "Free elements",
                Event.Verdict.ASK,
                "What is done in them no chart tells; ask the organiser about lifts and supports: " + named(free) + ".",
                free));
    }

    /** What is not known cannot be judged. */
    private void missing() {
        List<Integer> missing = blocks(Block::isMissing);
        if (!missing.isEmpty()) add("Figures", false, "Not in the library: " + named(missing) + ".", missing);
    }

    private void joins() {
        List<Integer> broken = work.junctions().stream()
                .filter(Junction::isBroken)
                .map(Junction::index)
                .toList();
        add(
                "Joins",
                broken.isEmpty(),
                broken.isEmpty() ? "Every join holds." : "Cannot be joined as they stand: " + named(broken) + ".",
                broken);
    }

    private void floor(Hall floor, Stride stride) {
        FloorReport report = FloorReport.of(work, floor, stride);
        List<FloorReport.Note> leaving =
                report.notes().stream().filter(FloorReport.Note::leaves).toList();
        String size = number(floor.lengthMetres()) + " x " + number(floor.widthMetres()) + " m";
        String on = "On " + size + " with a stride of " + stride.metres() + " m: ";
        if (!leaving.isEmpty()) {
            String words = String.join(
                    " ", leaving.stream().map(FloorReport.Note::words).toList());
            add(
                    "Floor",
                    false,
                    on + words,
                    leaving.stream().map(FloorReport.Note::block).toList());
            return;
        }
        // What is danced again has to keep to the floor all the way round.
        double outside = again
                ? Circuit.of(work, floor, stride).map(Circuit::outsideMetres).orElse(0.0)
                : 0;
        add(
                "Floor",
                outside == 0,
                outside == 0
                        ? "It keeps within " + size + " with a stride of " + stride.metres() + " m."
                        : on + "Danced again it leaves the floor by up to "
                                + String.format(Locale.ROOT, "%.1f", outside) + " m.",
                List.of());
    }
}
