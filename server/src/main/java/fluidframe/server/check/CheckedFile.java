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
import fluidframe.library.evening.ClassFormat;
import fluidframe.library.event.EventFormat;
import fluidframe.library.exercise.CardFormat;
import fluidframe.library.exercise.DrillFormat;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.lesson.LessonFormat;
import fluidframe.library.list.ListFormat;
import fluidframe.library.people.CoupleFormat;
import fluidframe.library.people.DancerFormat;
import fluidframe.library.people.GroupFormat;
import fluidframe.library.practice.PracticeFormat;
import fluidframe.library.routine.RoutineFormat;
import fluidframe.library.song.SongFormat;
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
    private static final List<Format<?>> FORMATS = List.of(
            ChartFormat.CHART,
            RoutineFormat.ROUTINE,
            SongFormat.SONG,
            EventFormat.EVENT,
            ListFormat.LIST,
            DancerFormat.DANCER,
            CoupleFormat.COUPLE,
            GroupFormat.GROUP,
            LessonFormat.LESSON,
            PracticeFormat.PRACTICE,
            ClassFormat.CLASS,
            DrillFormat.DRILL,
            CardFormat.CARD);

    /** One line of the answer; {@code role} is null for the figure as a whole, {@code step} counts from 1. */
    record Line(String file, String rule, String severity, String role, int step, String message) {}

    static CheckedFile read(String name, String text) {
        Optional<String> named = Format.nameIn(text);
        for (Format<?> format : FORMATS) {
            if (named.isEmpty() || named.get().equals(format.name())) {
                ReadResult<?> result = format.read(text);
                return new CheckedFile(name, result.value(), result.problems());
            }
        }
        String known = FORMATS.stream().map(Format::name).collect(Collectors.joining(", "));
        Problem problem = new Problem(
                1, 1, "/format", "The format must be one of " + known + ", but was \"" + named.get() + "\"");
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
