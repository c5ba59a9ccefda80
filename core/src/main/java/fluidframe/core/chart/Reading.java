package fluidframe.core.chart;

import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How a reader has a chart shown: in which timing, with which school's options, and how often its repeated steps are
 * danced.
 *
 * @param timing id of another timing, if not the one in the rows
 * @param options ids of options, applied in chart order
 * @param repeats how often each repeat group is danced, in chart order; 0 and those not named as charted
 */
public record Reading(Optional<String> timing, List<String> options, List<Integer> repeats) {
    public static final Reading AS_CHARTED = new Reading(Optional.empty(), List.of(), List.of());

    public Reading {
        options = List.copyOf(options);
        repeats = List.copyOf(repeats);
    }

    /** The chart read so; refuses a timing, option or number of repeats that it does not have. */
    public Chart of(Chart chart) {
        Chart read = chart;
        for (String wanted : options) {
            if (chart.options().stream().noneMatch(o -> o.id().equals(wanted))) {
                throw new IllegalArgumentException(chart.identity().name() + " has no option \"" + wanted + "\"");
            }
        }
        for (Option option : chart.options()) {
            if (options.contains(option.id())) {
                read = read.withRows(option.of(Role.MAN, read.man()), option.of(Role.LADY, read.lady()));
            }
        }
        if (timing.isPresent()) read = timed(read, timing.get());
        if (repeats.stream().allMatch(often -> often == 0)) return read;
        List<Integer> danced =
                repeats.stream().map(often -> often == 0 ? 1 : often).toList();
        return Repetition.of(read, danced, false);
    }

    private static Chart timed(Chart chart, String id) {
        Timing timing = chart.timings().stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException(chart.identity().name() + " has no timing \"" + id + "\""));
        return chart.withRows(timed(chart.man(), timing.man()), timed(chart.lady(), timing.lady()));
    }

    private static List<Step> timed(List<Step> steps, Rhythm rhythm) {
        List<Step> timed = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            timed.add(steps.get(i).draft().count(rhythm.count(i)).step());
        }
        return timed;
    }
}
