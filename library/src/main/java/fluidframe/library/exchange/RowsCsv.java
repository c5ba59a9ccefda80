package fluidframe.library.exchange;

import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.StepDraft;
import fluidframe.core.couple.Role;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.text.Problem;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * The rows of charts as a table for a spreadsheet, and back: a line a row, with the figure's id, the role and every column of the
 * chart. Read with commas, semicolons or tabs, with a mark of the order of bytes and any ends of lines. A cell that a
 * spreadsheet would take for a formula has an apostrophe in front, which is taken off again.
 */
public final class RowsCsv implements Import {
    private static final String WHAT = "rows of charts";
    private static final String FIGURE = "figure";
    private static final String ROLE = "role";
    private static final String DOUBTFUL = "doubtful";
    private static final int MOST_LINES = 5000;
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);
    private static final Pattern FORMULA_TOLD = Pattern.compile("'+[=+\\-@\t\r].*", Pattern.DOTALL);

    private static final Pattern CELL = Pattern.compile("/(man|lady)/(\\d+)/([a-z]+)");

    /** A row with the line on which it stands. */
    private record Row(Step step, int line) {}

    private final Function<String, Optional<Chart>> charts;

    /** @param charts the chart of an id, whose rows those of a table take the place of */
    public RowsCsv(Function<String, Optional<Chart>> charts) {
        this.charts = charts;
    }

    /** Both roles of a chart. */
    public static String write(Chart chart) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(headings().toList());
            for (Role role : Role.values()) {
                for (Step step : role == Role.MAN ? chart.man() : chart.lady()) {
                    csv.print(chart.id());
                    csv.print(role);
                    for (Column column : Column.values()) csv.print(safe(column.of(step, chart.dance())));
                    csv.print(step.doubtful() ? "yes" : "");
                    csv.println();
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static Stream<String> headings() {
        return Stream.concat(
                Stream.concat(
                        Stream.of(FIGURE, ROLE), Arrays.stream(Column.values()).map(Column::key)),
                Stream.of(DOUBTFUL));
    }

    private static String safe(String cell) {
        return FORMULA.matcher(cell).matches() ? "'" + cell : cell;
    }

    private static String plain(String cell) {
        return FORMULA_TOLD.matcher(cell).matches() ? cell.substring(1) : cell;
    }

    @Override
    public boolean recognises(Incoming file) {
        return file.ends("csv", "tsv");
    }

    @Override
    public Brought read(Incoming file) {
        Optional<String> text = file.text();
        if (text.isEmpty())
            return Brought.refused(WHAT, "The table must be UTF-8 text, but is not: save it as \"CSV UTF-8\"");
        return new Reading().read(text.get());
    }

    /** A separator of cells as the first line shows it: the one by which most headings are known. */
    private static char separator(String text) {
        String first = text.lines().findFirst().orElse("");
        char best = ',';
        long most = -1;
        for (char separator : new char[] {',', ';', '\t'}) {
            long known = Arrays.stream(first.split(Pattern.quote(String.valueOf(separator)), -1))
                    .map(RowsCsv::heading)
                    .filter(heading -> headings().anyMatch(heading::equals))
                    .count();
            if (known > most) {
                most = known;
                best = separator;
            }
        }
        return best;
    }

    private static String heading(String cell) {
        return cell.strip().replaceAll("^\"|\"$", "").toLowerCase(Locale.ROOT);
    }

    /** One table as it is read. */
    private final class Reading {
        private final List<Problem> problems = new ArrayList<>();
        private final Map<String, Map<Role, List<Row>>> rows = new LinkedHashMap<>();
        private List<String> headings = List.of();

        Brought read(String text) {
            CSVFormat format = CSVFormat.RFC4180
                    .builder()
                    .setDelimiter(separator(text))
                    .setIgnoreEmptyLines(true)
                    .get();
            int line = 1;
            try (CSVParser csv = CSVParser.parse(new StringReader(text), format)) {
                for (CSVRecord record : csv) {
                    if (record.getRecordNumber() > MOST_LINES) {
                        problem(line, 1, "A table must have at most " + MOST_LINES + " lines");
                        break;
                    }
                    if (headings.isEmpty()) {
                        if (!begin(record)) break;
                    } else {
                        row(record, line);
                    }
                    line = (int) csv.getCurrentLineNumber() + 1;
                }
            } catch (IOException | UncheckedIOException e) {
                problem(line, 1, "From here on this is no table: " + e.getMessage());
            }
            return taken();
        }

        private boolean begin(CSVRecord record) {
            headings = record.stream().map(RowsCsv::heading).toList();
            for (String wanted : List.of(FIGURE, ROLE, "count", "foot", "place")) {
                if (headings.contains(wanted)) continue;
                problem(1, 1, "The first line must name the columns, among them \"" + wanted + "\"");
            }
            for (int i = 0; i < headings.size(); i++) {
                String heading = headings.get(i);
                if (!heading.isEmpty() && RowsCsv.headings().noneMatch(heading::equals)) {
                    problem(
                            1,
                            i + 1,
                            "There is no column \"" + heading + "\": the columns are "
                                    + String.join(", ", RowsCsv.headings().toList()));
                }
            }
            return problems.isEmpty();
        }

        private String cell(CSVRecord record, String heading) {
            int at = headings.indexOf(heading);
            return at >= 0 && at < record.size() ? record.get(at).strip() : "";
        }

        private void row(CSVRecord record, int line) {
            if (record.stream().allMatch(String::isBlank)) return;
            int before = problems.size();
            String figure = cell(record, FIGURE);
            if (figure.isEmpty()) problem(line, headings.indexOf(FIGURE) + 1, "The id of a figure is missing");
            Optional<Role> role = Arrays.stream(Role.values())
                    .filter(one -> one.toString().equalsIgnoreCase(cell(record, ROLE)))
                    .findFirst();
            if (role.isEmpty()) {
                problem(
                        line,
                        headings.indexOf(ROLE) + 1,
                        "A role must be man or lady, but was \"" + cell(record, ROLE) + "\"");
            }
            StepDraft draft = StepDraft.empty();
            for (Column column : Column.values()) put(draft, column, plain(cell(record, column.key())), line);
            draft.doubtful(cell(record, DOUBTFUL).equalsIgnoreCase("yes"));
            if (problems.size() > before) return;
            rows.computeIfAbsent(figure, id -> new EnumMap<>(Role.class))
                    .computeIfAbsent(role.orElseThrow(), of -> new ArrayList<>())
                    .add(new Row(draft.step(), line));
        }

        private void put(StepDraft draft, Column column, String cell, int line) {
            int at = headings.indexOf(column.key()) + 1;
            if (cell.isEmpty()) {
                if (column.isRequired()) problem(line, at, "A row must have a " + column);
                return;
            }
            try {
                draft.set(column, cell);
            } catch (IllegalArgumentException e) {
                problem(line, at, e.getMessage());
            }
        }

        private void problem(int line, int column, String sentence) {
            problems.add(new Problem(line, Math.max(column, 1), "", sentence));
        }

        private Brought taken() {
            if (problems.isEmpty() && rows.isEmpty()) problem(1, 1, "The table has no rows");
            if (!problems.isEmpty()) return Brought.refused(WHAT, problems);
            List<Brought.Thing> things = new ArrayList<>();
            rows.forEach((figure, roles) -> charts.apply(figure)
                    .ifPresentOrElse(
                            chart -> changed(chart, roles).ifPresent(things::add),
                            () -> problem(
                                    0,
                                    1,
                                    "There is no figure \"" + figure
                                            + "\" here whose rows these could be: take its chart in first")));
            return problems.isEmpty()
                    ? new Brought(WHAT, things, List.of(), List.of())
                    : Brought.refused(WHAT, problems);
        }

        private Optional<Brought.Thing> changed(Chart chart, Map<Role, List<Row>> roles) {
            try {
                Chart changed = chart.withRows(
                        steps(roles.get(Role.MAN), chart.man()), steps(roles.get(Role.LADY), chart.lady()));
                ObjectNode document = ChartFormat.CHART.toJson(changed);
                List<Problem> unfit = ChartFormat.CHART.read(document).problems();
                unfit.forEach(one -> told(one, roles));
                return unfit.isEmpty()
                        ? Optional.of(new Brought.Thing("figure", Optional.of(chart.id()), document))
                        : Optional.empty();
            } catch (IllegalArgumentException e) {
                problem(0, 1, "These rows do not fit the rest of " + chart.id() + ": " + e.getMessage());
                return Optional.empty();
            }
        }

        private static List<Step> steps(List<Row> given, List<Step> otherwise) {
            return given == null ? otherwise : given.stream().map(Row::step).toList();
        }

        /** A problem at a path such as {@code /man/2/lead}, at the cell it came from. */
        private void told(Problem problem, Map<Role, List<Row>> roles) {
            Matcher at = CELL.matcher(problem.path());
            List<Row> of = at.matches() ? roles.get(Role.parse(at.group(1))) : null;
            if (of == null) problem(0, 1, problem.toString());
            else
                problem(
                        of.get(Integer.parseInt(at.group(2))).line(),
                        headings.indexOf(at.group(3)) + 1,
                        problem.message());
        }
    }
}
