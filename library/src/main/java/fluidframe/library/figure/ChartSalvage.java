package fluidframe.library.figure;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.couple.Role;
import fluidframe.library.text.Problem;
import fluidframe.library.text.ReadResult;
import fluidframe.library.text.SourceText;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Reads every piece of a chart on its own, so that one line that cannot be read does not take the rest with it. A cell that
 * cannot be read counts as blank; a row that then says too little ends what is read of that role, because later rows would
 * otherwise stand under wrong numbers; a part, timing, option or other line of a list is left out. Each is told with its place
 * in the document as it was given.
 */
public final class ChartSalvage {
    /** What the document can be asked for even so. */
    private static final Set<String> NEEDED = Set.of("format", "id", "dance", "name");

    private static final Set<String> NEEDED_CELLS = Arrays.stream(Column.values())
            .filter(Column::isRequired)
            .map(Column::key)
            .collect(Collectors.toUnmodifiableSet());

    /** The lists of a chart in an order in which no element needs one of a later list. */
    private static final List<String> LISTS = List.of(
            "otherNames",
            "cautions",
            "precedes",
            "follows",
            "faults",
            "timings",
            "parts",
            "repeats",
            "options",
            "variants",
            "accepted");

    private static final String ENTRIES = "/start/entries";

    /**
     * What could be read.
     *
     * @param chart the chart without the pieces that cannot be read; empty where not even its name and dance can be
     * @param problems every piece that cannot be read; none for a chart that is whole
     * @param rowsRead how many rows of a role were read, for the roles of which not all were
     */
    public record Result(Optional<Chart> chart, List<Problem> problems, Map<Role, Integer> rowsRead) {
        public Result {
            problems = List.copyOf(problems);
            rowsRead = Map.copyOf(rowsRead);
        }
    }

    private final Set<Problem> problems = new LinkedHashSet<>();
    private final Map<Role, Integer> rowsRead = new EnumMap<>(Role.class);

    private ChartSalvage() {}

    /** Never refuses; a whole chart is read as {@link ChartReader#read(JsonNode)} reads it. */
    public static Result read(JsonNode document) {
        ReadResult<Chart> whole = ChartReader.read(document);
        if (whole.value().isPresent() || !document.isObject()) {
            return new Result(whole.value(), whole.problems(), Map.of());
        }
        return new ChartSalvage().pieces((ObjectNode) document);
    }

    /** The same of a YAML or JSON text. */
    public static Result read(String text) {
        try {
            return read(SourceText.read(text).root());
        } catch (SourceText.Unreadable e) {
            return new Result(Optional.empty(), List.of(e.problem()), Map.of());
        }
    }

    private Result pieces(ObjectNode document) {
        ObjectNode read = document.deepCopy();
        LISTS.forEach(read::remove);
        boolean hasEntries = read.path("start") instanceof ObjectNode start && start.remove("entries") != null;
        Optional<Chart> chart = withoutBadCells(read);
        if (chart.isEmpty()) return new Result(chart, List.copyOf(problems), rowsRead);
        if (hasEntries) chart = Optional.of(add(read, document, ENTRIES, chart.get()));
        for (String list : LISTS) {
            if (document.has(list)) chart = Optional.of(add(read, document, "/" + list, chart.get()));
        }
        return new Result(chart, List.copyOf(problems), rowsRead);
    }

    /** Takes out what cannot be read of everything but the lists; each round takes out at least one piece. */
    private Optional<Chart> withoutBadCells(ObjectNode read) {
        while (true) {
            ReadResult<Chart> result = ChartReader.read(read);
            if (result.value().isPresent()) return result.value();
            problems.addAll(result.problems());
            boolean less = false;
            for (Problem problem : result.problems()) less |= takeOut(read, problem.path());
            if (!less) return Optional.empty();
        }
    }

    private boolean takeOut(ObjectNode read, String path) {
        String[] words = path.split("/", -1);
        if (words.length < 2 || NEEDED.contains(words[1])) return false;
        JsonNode piece = read.path(words[1]);
        if (piece instanceof ArrayNode rows && words.length > 2 && words[2].matches("\\d+")) {
            return takeOutOfRows(rows, Role.valueOf(words[1].toUpperCase(Locale.ROOT)), words);
        }
        if (piece instanceof ObjectNode object && words.length > 2) return object.remove(words[2]) != null;
        return read.remove(words[1]) != null;
    }

    private boolean takeOutOfRows(ArrayNode rows, Role role, String[] words) {
        int index = Integer.parseInt(words[2]);
        if (index >= rows.size()) return false;
        boolean cell = words.length > 3 && !NEEDED_CELLS.contains(words[3]);
        if (cell && rows.get(index) instanceof ObjectNode row) return row.remove(words[3]) != null;
        while (rows.size() > index) rows.remove(rows.size() - 1);
        rowsRead.put(role, index);
        return true;
    }

    /** Puts the elements of a list back one by one, as far as the chart can be read with them. */
    private Chart add(ObjectNode read, ObjectNode document, String pointer, Chart before) {
        JsonNode given = document.at(pointer);
        int slash = pointer.lastIndexOf('/');
        ObjectNode parent = slash == 0 ? read : (ObjectNode) read.at(pointer.substring(0, slash));
        String key = pointer.substring(slash + 1);
        if (!given.isArray()) {
            problems.add(new Problem(0, 0, pointer, "\"" + key + "\" must be a list"));
            return before;
        }
        Chart chart = before;
        ArrayNode list = parent.putArray(key);
        for (int i = 0; i < given.size(); i++) {
            list.add(given.get(i));
            ReadResult<Chart> result = ChartReader.read(read);
            if (result.value().isPresent()) {
                chart = result.value().get();
                continue;
            }
            list.remove(list.size() - 1);
            for (Problem problem : result.problems()) problems.add(at(problem, pointer, list.size(), i));
        }
        if (list.isEmpty()) parent.remove(key);
        return chart;
    }

    /** The problem with the place of the element in the document as given. */
    private static Problem at(Problem problem, String pointer, int index, int given) {
        String tried = pointer + "/" + index;
        String rest = problem.path().startsWith(tried) ? problem.path().substring(tried.length()) : "";
        return new Problem(0, 0, pointer + "/" + given + rest, problem.message());
    }
}
