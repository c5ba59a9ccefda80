package fluidframe.server.check;

import fluidframe.core.chart.Chart;
import fluidframe.core.check.RuleBook;
import fluidframe.core.couple.Role;
import fluidframe.core.link.Condition;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineWork;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Sheet;
import fluidframe.library.exchange.Formats;
import fluidframe.library.text.Format;
import fluidframe.library.text.Problem;
import fluidframe.library.text.ReadResult;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * A file of the open format, whichever it is by its first line, and what there is to find in it.
 *
 * @param name the file as it was named
 * @param value what it says; empty if it cannot be read
 */
record CheckedFile(String name, Optional<?> value, List<Problem> problems) {
    /** One line of the answer; {@code role} is null for the figure as a whole, {@code step} counts from 1. */
    record Line(String file, String rule, String severity, String role, int step, String message) {}

    static CheckedFile read(String name, String text) {
        Optional<String> named = Format.nameIn(text);
        Optional<Format<?>> format = named.isEmpty() ? Optional.of(Formats.ALL.get(0)) : named.flatMap(Formats::named);
        if (format.isPresent()) {
            ReadResult<?> result = format.get().read(text);
            return new CheckedFile(name, result.value(), result.problems());
        }
        Problem problem = new Problem(1, 1, "/format", Formats.refusal(named.orElseThrow()));
        return new CheckedFile(name, Optional.empty(), List.of(problem));
    }

    /** The chart in it, if it is one. */
    Optional<Chart> chart() {
        return value.filter(Chart.class::isInstance).map(Chart.class::cast);
    }

    /** @param repertoire by which routines are judged, asked for only if there are any */
    List<Line> findings(Supplier<Repertoire> repertoire) {
        if (value.isEmpty()) return List.of();
        if (value.get() instanceof Chart chart) return ofChart(chart);
        if (value.get() instanceof Routine routine) return ofRoutine(routine, repertoire.get());
        return List.of();
    }

    private List<Line> ofChart(Chart chart) {
        List<Line> lines = new ArrayList<>();
        for (RuleBook.Checked checked : RuleBook.standard().checkWithVariants(Sheet.of(chart))) {
            if (!checked.isOpen()) continue;
            Finding finding = checked.finding();
            String message =
                    checked.variant().map(v -> "In the variant \"" + v + "\": ").orElse("") + finding.reason();
            lines.add(new Line(
                    name,
                    finding.rule().text(),
                    finding.severity().toString(),
                    finding.role().map(Role::toString).orElse(null),
                    finding.step(),
                    message));
        }
        return lines;
    }

    private List<Line> ofRoutine(Routine routine, Repertoire repertoire) {
        RoutineWork work = RoutineWork.of(routine.dance(), routine.placed(), repertoire, routine.startTurn());
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < work.blocks().size(); i++) {
            Block block = work.blocks().get(i);
            int place = i + 1;
            block.missing().ifPresent(why -> lines.add(broken("routine.figure", place, why)));
        }
        for (Junction junction : work.junctions()) {
            boolean accepted =
                    !routine.places().get(junction.index()).accepted().isBlank();
            if (!junction.isBroken() || accepted) continue;
            String reasons =
                    junction.link().obstacles().stream().map(Condition::reason).collect(Collectors.joining(" "));
            String between = work.blocks().get(junction.index() - 1).name() + ", "
                    + work.blocks().get(junction.index()).name() + ": ";
            lines.add(broken("routine.join", junction.index() + 1, between + reasons));
        }
        return lines;
    }

    private Line broken(String rule, int place, String message) {
        return new Line(name, rule, "broken", null, place, message);
    }
}
