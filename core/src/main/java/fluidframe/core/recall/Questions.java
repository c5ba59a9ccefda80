package fluidframe.core.recall;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.link.Customary;
import fluidframe.core.link.Link;
import fluidframe.core.link.LinkMap;
import fluidframe.core.link.Repertoire;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * All questions that the charts of a dance answer. What is not asked: a row of which the charter was not sure, what another
 * school's option changes, and a first alignment that may be another one. Wrong choices are what a sister figure has at the same
 * place, then what the same figure has elsewhere, and never what an examiner would let pass.
 */
public final class Questions {
    private static final int CHOICES = 4;
    private static final Set<Ask> BY_ROW = Set.of(Ask.ALIGNMENT, Ask.TURN, Ask.FOOTWORK, Ask.PLACEMENT, Ask.POSITION);

    private final Dance dance;
    private final List<Chart> charts;
    private final Answers answers;
    private final Map<String, List<Chart>> sisters = new HashMap<>();

    private Questions(Dance dance, Collection<Chart> charts, Answers answers) {
        this.dance = dance;
        this.charts = charts.stream().filter(chart -> chart.dance() == dance).toList();
        this.answers = answers;
    }

    /** The questions of a dance, in the order of its figures and their rows. */
    public static List<Question> of(Repertoire repertoire, Dance dance, Answers answers) {
        Questions questions = new Questions(dance, repertoire.charts(), answers);
        List<Question> all = new ArrayList<>();
        for (Chart chart : questions.charts) {
            for (Role role : Role.values()) {
                if (chart.steps(role).isEmpty()) continue;
                questions.rows(chart, role, all);
                questions.timing(chart, role).ifPresent(all::add);
            }
        }
        all.addAll(questions.follows(repertoire));
        return all;
    }

    private void rows(Chart chart, Role role, List<Question> all) {
        List<Step> steps = chart.steps(role);
        for (int row = 1; row <= steps.size(); row++) {
            Step step = steps.get(row - 1);
            if (step.doubtful()) continue;
            for (Ask ask : Ask.values()) {
                if (!BY_ROW.contains(ask)) continue;
                Column column = ask.column().orElseThrow();
                String answer = column.of(step, dance);
                boolean anyWay = ask == Ask.ALIGNMENT
                        && row == 1
                        && chart.start().entries().size() > 1;
                if (answer.isEmpty() || anyWay || isOptional(chart, role, row, column)) continue;
                choices(chart, role, row, ask, answer).ifPresent(all::add);
            }
        }
    }

    /** Whether another school has something else there. */
    private static boolean isOptional(Chart chart, Role role, int row, Column column) {
        return chart.options().stream()
                .flatMap(option -> option.edits().stream())
                .anyMatch(edit -> edit.role() == role && edit.step() == row && edit.column() == column);
    }

    private Optional<Question> choices(Chart chart, Role role, int row, Ask ask, String answer) {
        Column column = ask.column().orElseThrow();
        String id = ask.cardOf(chart.id(), role, row);
        Stream<String> sisters = sisters(chart).stream()
                .map(sister -> sister.steps(role))
                .filter(steps -> steps.size() >= row)
                .map(steps -> column.of(steps.get(row - 1), dance));
        Stream<String> elsewhere = Stream.of(role, role.partner())
                .flatMap(one -> chart.steps(one).stream())
                .map(step -> column.of(step, dance));
        Stream<String> anywhere =
                charts.stream().flatMap(other -> other.steps(role).stream()).map(step -> column.of(step, dance));
        Question bare = new Question(
                id,
                chart.id(),
                chart.identity().name(),
                dance,
                role,
                row,
                ask,
                given(chart, role, row, ask),
                answer,
                List.of());
        return chosen(bare, Stream.of(sisters, elsewhere, anywhere).flatMap(some -> some));
    }

    /** The row as it is called, without what is asked. */
    private String given(Chart chart, Role role, int row, Ask ask) {
        Step step = chart.steps(role).get(row - 1);
        String count = "on " + Column.COUNT.of(step, dance);
        if (ask == Ask.PLACEMENT) return count + ", " + step.foot().spoken();
        String begun = Column.ALIGN.of(chart.steps(role).get(0), dance);
        boolean inTheRoom = ask == Ask.ALIGNMENT && row > 1 && !begun.isEmpty();
        return count + ", " + step.spoken() + (inTheRoom ? ", begun " + begun : "");
    }

    private Optional<Question> chosen(Question bare, Stream<String> others) {
        Set<String> choices = new LinkedHashSet<>();
        choices.add(bare.answer());
        others.filter(text -> !text.isEmpty())
                .distinct()
                .filter(text -> choices.stream().noneMatch(one -> lets(bare, one, text)))
                .takeWhile(text -> choices.size() < CHOICES)
                .forEach(choices::add);
        if (choices.size() < 2) return Optional.empty();
        // The same question always has its choices in the same order, which has nothing to do with the answer.
        List<String> shuffled = new ArrayList<>(new TreeSet<>(choices));
        Collections.shuffle(shuffled, new Random(bare.id().hashCode()));
        return Optional.of(new Question(
                bare.id(),
                bare.figure(),
                bare.name(),
                bare.dance(),
                bare.role(),
                bare.row(),
                bare.ask(),
                bare.given(),
                bare.answer(),
                shuffled));
    }

    /** Whether an examiner would let the one pass for the other. */
    private boolean lets(Question bare, String right, String said) {
        Question asked = new Question(
                bare.id(),
                bare.figure(),
                bare.name(),
                dance,
                bare.role(),
                bare.row(),
                bare.ask(),
                "",
                right,
                List.of());
        return answers.judge(asked, said).verdict() != Answers.Verdict.WRONG;
    }

    /** Those that share a word of the name first, which are those that are mixed up. */
    private List<Chart> sisters(Chart chart) {
        return sisters.computeIfAbsent(chart.id(), id -> {
            Set<String> words = words(chart);
            Map<String, Long> shared = charts.stream()
                    .collect(Collectors.toMap(
                            Chart::id,
                            other -> words(other).stream()
                                    .filter(words::contains)
                                    .count()));
            return charts.stream()
                    .filter(other -> !other.id().equals(id))
                    .sorted(Comparator.comparing((Chart other) -> -shared.get(other.id()))
                            .thenComparing(Chart::id))
                    .toList();
        });
    }

    private static Set<String> words(Chart chart) {
        return Stream.of(chart.identity().name().toLowerCase(Locale.ROOT).split("\\s+"))
                .collect(Collectors.toSet());
    }

    private Optional<Question> timing(Chart chart, Role role) {
        if (chart.steps(role).stream().anyMatch(Step::doubtful)
                || !chart.timings().isEmpty()) return Optional.empty();
        Question bare = new Question(
                chart.id() + "~" + role + "~" + Ask.TIMING,
                chart.id(),
                chart.identity().name(),
                dance,
                role,
                0,
                Ask.TIMING,
                chart.steps(role).size() + " steps",
                counts(chart, role),
                List.of());
        return chosen(
                bare,
                sisters(chart).stream()
                        .filter(other -> !other.steps(role).isEmpty())
                        .map(other -> counts(other, role)));
    }

    private String counts(Chart chart, Role role) {
        return chart.steps(role).stream()
                .map(step -> Column.COUNT.of(step, dance))
                .collect(Collectors.joining(" "));
    }

    /** What customarily follows a figure, among figures that cannot. */
    private List<Question> follows(Repertoire repertoire) {
        LinkMap map = repertoire.map(dance);
        Map<String, Chart> byId = new LinkedHashMap<>();
        charts.forEach(chart -> byId.put(chart.id(), chart));
        Map<String, Set<String>> may = new LinkedHashMap<>();
        map.cells().stream()
                .filter(cell -> cell.best().verdict() != Link.Verdict.NO || cell.otherwise())
                .forEach(cell -> may.computeIfAbsent(cell.before(), id -> new HashSet<>())
                        .add(cell.after()));
        List<Question> questions = new ArrayList<>();
        for (LinkMap.Cell cell : map.cells()) {
            Chart before = byId.get(cell.before());
            Chart after = byId.get(cell.after());
            if (!cell.customary()
                    || before == null
                    || after == null
                    || cell.best().verdict() == Link.Verdict.NO) continue;
            Question bare = new Question(
                    before.id() + "~" + Ask.FOLLOWS + "~" + after.id(),
                    before.id(),
                    before.identity().name(),
                    dance,
                    Role.MAN,
                    0,
                    Ask.FOLLOWS,
                    "",
                    after.identity().name(),
                    List.of());
            Stream<String> cannot = sisters(after).stream()
                    .filter(other -> !other.id().equals(before.id()))
                    .filter(other -> !may.getOrDefault(before.id(), Set.of()).contains(other.id()))
                    // Nor by a part or a variant of one of them.
                    .filter(other -> Customary.best(repertoire.usesOf(before.id()), repertoire.usesOf(other.id()))
                                    .verdict()
                            == Link.Verdict.NO)
                    .map(other -> other.identity().name());
            chosen(bare, cannot).ifPresent(questions::add);
        }
        return questions;
    }
}
