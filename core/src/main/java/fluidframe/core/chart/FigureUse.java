package fluidframe.core.chart;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * One way of dancing a figure: whole, a part or a variant, so many times over, with the last turn more or less than charted.
 *
 * @param variant id of the variant, if any; a use has a variant or a part, not both
 * @param part id of the part, if any
 * @param lastTurnSixteenths how much more (positive) of the last turn is made, in its own direction; negative for less
 * @param times how often each repeat group is danced, 1 or more, in the order of the chart; those not named once. A part is
 *     not repeated
 * @param otherFoot whether a figure that alternates sides begins on the other foot, to the other side
 * @param ending how near the partners are at its end
 * @param options ids of the options that the reader has switched on
 */
public record FigureUse(
        Optional<String> variant,
        Optional<String> part,
        int lastTurnSixteenths,
        List<Integer> times,
        boolean otherFoot,
        Ending ending,
        List<String> options) {
    public static final FigureUse WHOLE =
            new FigureUse(Optional.empty(), Optional.empty(), 0, List.of(), false, Ending.AS_CHARTED, List.of());

    public FigureUse {
        options = List.copyOf(options);
        if (variant.isPresent() && part.isPresent()) {
            throw new IllegalArgumentException("A figure is danced as a variant or in part, not both");
        }
        for (int often : times) {
            if (often < 1) {
                throw new IllegalArgumentException(
                        "A figure must be danced at least once, but was " + often + " times");
            }
        }
        // Equal ways of dancing are equal uses, however many ones are written.
        int said = times.size();
        while (said > 0 && times.get(said - 1) == 1) said--;
        times = List.copyOf(times.subList(0, said));
        if (part.isPresent() && (!times.isEmpty() || otherFoot) || variant.isPresent() && otherFoot) {
            throw new IllegalArgumentException(
                    "Only a whole figure is begun on the other foot, and no part is repeated");
        }
    }

    public static FigureUse ofVariant(String id) {
        return new FigureUse(Optional.of(id), Optional.empty(), 0, List.of(), false, Ending.AS_CHARTED, List.of());
    }

    public static FigureUse ofPart(String id) {
        return new FigureUse(Optional.empty(), Optional.of(id), 0, List.of(), false, Ending.AS_CHARTED, List.of());
    }

    public FigureUse withLastTurn(int sixteenths) {
        return new FigureUse(variant, part, sixteenths, times, otherFoot, ending, options);
    }

    /** The same with its first repeat group danced so often, from the charted foot or the other. */
    public FigureUse repeated(int newTimes, boolean fromOtherFoot) {
        return repeated(List.of(newTimes), fromOtherFoot);
    }

    /** The same with its repeat groups danced so often, from the charted foot or the other. */
    public FigureUse repeated(List<Integer> newTimes, boolean fromOtherFoot) {
        return new FigureUse(variant, part, lastTurnSixteenths, newTimes, fromOtherFoot, ending, options);
    }

    public FigureUse withEnding(Ending newEnding) {
        return new FigureUse(variant, part, lastTurnSixteenths, times, otherFoot, newEnding, options);
    }

    public FigureUse withOptions(List<String> newOptions) {
        return new FigureUse(variant, part, lastTurnSixteenths, times, otherFoot, ending, newOptions);
    }

    /** The same figure, variant, part and repeats with nothing adjusted or chosen. */
    public FigureUse plain() {
        return new FigureUse(variant, part, 0, times, otherFoot, Ending.AS_CHARTED, List.of());
    }

    /** {@code ", 3 times"}, {@code ", 2 and 3 times"}; empty where nothing is repeated. */
    public String oftenTold() {
        if (times.isEmpty()) return "";
        return ", " + times.stream().map(String::valueOf).collect(Collectors.joining(" and ")) + " times";
    }

    /** Whether the chart has the part and the variant named, and may be repeated so. */
    public boolean existsIn(Chart chart) {
        return variant.map(id -> chart.variants().stream().anyMatch(v -> v.id().equals(id)))
                        .orElse(true)
                && part.map(id -> chart.parts().stream().anyMatch(p -> p.id().equals(id)))
                        .orElse(true)
                && options.stream().allMatch(id -> chart.options().stream().anyMatch(o -> o.id().equals(id)))
                && (times.isEmpty() && !otherFoot || Repetition.isPossible(once().of(chart), times, otherFoot));
    }

    /** The same figure, variant or part danced as it is charted, with nothing repeated, adjusted or chosen. */
    public FigureUse once() {
        return plain().repeated(List.of(), false);
    }

    /** The rows that are danced, as a chart of their own. Refuses a part or variant which the chart does not have. */
    public Chart of(Chart charted) {
        Chart chart = new Reading(Optional.empty(), options, List.of()).of(charted);
        Chart used = chart;
        if (variant.isPresent()) {
            used = varied(
                    chart,
                    chart.variants().stream()
                            .filter(v -> v.id().equals(variant.get()))
                            .findFirst()
                            .orElseThrow(() -> missing(chart, "variant", variant.get())));
        } else if (part.isPresent()) {
            used = sliced(
                    chart,
                    chart.parts().stream()
                            .filter(p -> p.id().equals(part.get()))
                            .findFirst()
                            .orElseThrow(() -> missing(chart, "part", part.get())));
        }
        if (!times.isEmpty() || otherFoot) used = Repetition.of(used, times, otherFoot);
        return ending.of(lastTurnSixteenths == 0 ? used : withLastTurnVaried(used));
    }

    private static IllegalArgumentException missing(Chart chart, String what, String id) {
        return new IllegalArgumentException(chart.identity().name() + " has no " + what + " \"" + id + "\"");
    }

    private static Chart varied(Chart chart, Variant variant) {
        Beats end = chart.rhythm(Role.MAN).onset(variant.keep());
        List<Step> man = new ArrayList<>(chart.man().subList(0, variant.keep()));
        List<Step> lady = new ArrayList<>(rowsBetween(chart, Role.LADY, Beats.ZERO, end));
        man.addAll(variant.man());
        lady.addAll(variant.lady());
        Start start = variant.keep() == 0 ? chart.start().entering(variant.entries()) : chart.start();
        return cut(chart, start, man, lady, variant.repeats(), variant.finish());
    }

    private static Chart sliced(Chart chart, Part part) {
        Rhythm his = chart.rhythm(Role.MAN);
        Beats from = his.onset(part.from() - 1);
        Beats to = his.onset(part.to());
        CouplePosition position = chart.start().position();
        Hold hold = chart.start().hold();
        for (Role role : Role.values()) {
            for (Step step : rowsBetween(chart, role, Beats.ZERO, from)) {
                position = step.position().orElse(position);
                hold = step.hold().orElse(hold);
            }
        }
        Start start =
                part.from() == 1 ? chart.start() : Start.in(position, hold).entering(part.entries());
        return cut(
                chart,
                start,
                chart.man().subList(part.from() - 1, part.to()),
                rowsBetween(chart, Role.LADY, from, to),
                List.of(),
                part.finish());
    }

    private static Chart cut(
            Chart chart, Start start, List<Step> man, List<Step> lady, List<RepeatGroup> repeats, Finish finish) {
        return new Chart(
                chart.identity(),
                start,
                man,
                lady,
                List.of(),
                List.of(),
                repeats,
                Totals.UNDECLARED,
                finish,
                List.of(),
                List.of(),
                chart.teaching(),
                List.of());
    }

    private static List<Step> rowsBetween(Chart chart, Role role, Beats from, Beats to) {
        Rhythm rhythm = chart.rhythm(role);
        List<Step> rows = new ArrayList<>();
        for (int i = 0; i < rhythm.size(); i++) {
            if (rhythm.onset(i).compareTo(from) >= 0 && rhythm.onset(i).compareTo(to) < 0) {
                rows.add(chart.steps(role).get(i));
            }
        }
        return rows;
    }

    /** Both roles turn more or less from the same beat on, or the bodies would part on the way. */
    private Chart withLastTurnVaried(Chart chart) {
        int side = 0;
        Beats from = null;
        for (Role role : Role.values()) {
            Rhythm rhythm = chart.rhythm(role);
            int last = lastTurningRow(chart.steps(role));
            if (last < 0) continue;
            side = Integer.signum(chart.steps(role).get(last).turn().sixteenths());
            Beats onset = rhythm.onset(last);
            if (from == null || onset.compareTo(from) < 0) from = onset;
        }
        if (from == null) return chart;
        int change = lastTurnSixteenths * side;
        return new Chart(
                chart.identity(),
                chart.start(),
                turnedMore(chart, Role.MAN, from, change),
                turnedMore(chart, Role.LADY, from, change),
                chart.timings(),
                List.of(),
                List.of(),
                Totals.UNDECLARED,
                chart.finish(),
                List.of(),
                List.of(),
                chart.teaching(),
                chart.accepted());
    }

    private static int lastTurningRow(List<Step> steps) {
        int last = steps.size() - 1;
        while (last >= 0 && steps.get(last).turn().sixteenths() == 0) last--;
        return last;
    }

    /** Books the change on the row danced at that beat and turns it and the rows after it along. */
    private static List<Step> turnedMore(Chart chart, Role role, Beats from, int change) {
        List<Step> steps = chart.steps(role);
        Rhythm rhythm = chart.rhythm(role);
        int row = 0;
        while (row + 1 < steps.size() && rhythm.onset(row + 1).compareTo(from) <= 0) row++;
        List<Step> varied = new ArrayList<>(steps);
        for (int i = row; i < steps.size(); i++) {
            Step step = steps.get(i).rotated(change);
            Turn turn = i == row ? step.turn().plus(change) : step.turn();
            varied.set(i, step.withTurnAndAlignment(turn, step.alignment()));
        }
        return varied;
    }
}
