package fluidframe.library.typed;

import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.StepDraft;
import fluidframe.core.couple.Role;
import fluidframe.core.step.FootPlacement;
import fluidframe.library.text.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Rows pasted from a spreadsheet: cells with tabs between. A first line of headings names the columns; with headings such
 * as "man foot" and "lady foot" both roles stand side by side, with a column "role" they stand below each other. Without
 * headings the columns are those of the format in order, and a line with only "man" or "lady" begins a role.
 */
public final class RowTable {
    private static final int MAX_LINES = 300;
    private static final Map<String, Column> HEADINGS = Map.ofEntries(
            Map.entry("timing", Column.COUNT),
            Map.entry("beat", Column.COUNT),
            Map.entry("beats", Column.COUNT),
            Map.entry("placement", Column.PLACE),
            Map.entry("feet position", Column.PLACE),
            Map.entry("feet positions", Column.PLACE),
            Map.entry("position of feet", Column.PLACE),
            Map.entry("step", Column.PLACE),
            Map.entry("alignment", Column.ALIGN),
            Map.entry("amount of turn", Column.TURN),
            Map.entry("footwork", Column.WORK),
            Map.entry("rise and fall", Column.RISE),
            Map.entry("couple position", Column.POSITION));

    /** A column of the table: whose it is, if its heading says so, and what it holds; empty for columns passed over. */
    private record Heading(Optional<Role> role, Optional<Column> column, boolean names) {}

    private final List<Problem> problems = new ArrayList<>();
    private final List<Step> man = new ArrayList<>();
    private final List<Step> lady = new ArrayList<>();
    private List<Heading> headings = new ArrayList<>();
    private Role current = Role.MAN;

    private RowTable() {}

    /** Reads a pasted table; what cannot be read is told cell by cell, with line and column of the table. */
    public static TypedRows read(String text) {
        RowTable table = new RowTable();
        String[] lines = text.split("\\R", -1);
        if (lines.length > MAX_LINES) {
            table.problems.add(new Problem(
                    MAX_LINES + 1,
                    1,
                    "",
                    "A table must have at most " + MAX_LINES + " lines, but has " + lines.length));
            return new TypedRows(List.of(), List.of(), table.problems);
        }
        int first = 0;
        while (first < lines.length && lines[first].isBlank()) first++;
        if (first < lines.length && table.readHeadings(lines[first])) first++;
        else table.plainHeadings();
        for (int i = first; i < lines.length; i++) table.line(lines[i], i + 1);
        return new TypedRows(table.man, table.lady, table.problems);
    }

    private void plainHeadings() {
        for (Column column : Column.values()) headings.add(new Heading(Optional.empty(), Optional.of(column), false));
    }

    private boolean readHeadings(String line) {
        List<Heading> read = new ArrayList<>();
        boolean[] known = {false, false};
        for (String cell : line.split("\t", -1)) {
            String words = cell.trim()
                    .toLowerCase(Locale.ROOT)
                    .replaceAll("[^a-z ]+", " ")
                    .replaceAll("\\s+", " ")
                    .trim();
            Optional<Role> role = Optional.empty();
            for (Role each : Role.values()) {
                if (words.startsWith(each + " ") || words.startsWith(each + "s ")) {
                    role = Optional.of(each);
                    words = words.substring(words.indexOf(' ') + 1);
                }
            }
            Optional<Column> column = column(words);
            boolean names = words.equals("role") || words.equals("part");
            known[0] |= column.filter(c -> c == Column.COUNT || c == Column.FOOT || c == Column.PLACE)
                    .isPresent();
            read.add(new Heading(role, column, names));
        }
        if (known[0]) headings = read;
        return known[0];
    }

    private static Optional<Column> column(String words) {
        if (HEADINGS.containsKey(words)) return Optional.of(HEADINGS.get(words));
        for (Column column : Column.values()) if (column.key().equals(words)) return Optional.of(column);
        return Optional.empty();
    }

    private void line(String line, int number) {
        String only = line.trim().toLowerCase(Locale.ROOT).replace(":", "");
        if (only.isEmpty()) return;
        for (Role role : Role.values()) {
            if (only.equals(role.toString())) {
                current = role;
                return;
            }
        }
        String[] cells = line.split("\t", -1);
        Role role = current;
        boolean sideBySide = headings.stream().anyMatch(h -> h.role().isPresent());
        for (int i = 0; i < Math.min(cells.length, headings.size()); i++) {
            if (headings.get(i).names()) role = roleNamed(cells[i], number, i, role);
        }
        if (!sideBySide) {
            row(cells, number, role, Optional.empty());
            return;
        }
        for (Role each : Role.values()) row(cells, number, each, Optional.of(each));
    }

    private Role roleNamed(String cell, int number, int index, Role otherwise) {
        for (Role role : Role.values()) if (cell.trim().equalsIgnoreCase(role.toString())) return role;
        problems.add(new Problem(number, index + 1, "", "A role must be man or lady, but was \"" + cell.trim() + "\""));
        return otherwise;
    }

    private void row(String[] cells, int number, Role role, Optional<Role> block) {
        StepDraft draft = StepDraft.empty();
        boolean[] set = new boolean[Column.values().length];
        boolean any = false;
        boolean sound = true;
        for (int i = 0; i < Math.min(cells.length, headings.size()); i++) {
            Heading heading = headings.get(i);
            String cell = cells[i].trim();
            boolean mine = heading.role().isEmpty() || heading.role().equals(block);
            if (cell.isEmpty() || heading.column().isEmpty() || !mine) continue;
            any |= heading.role().equals(block) && block.isPresent() || block.isEmpty();
            sound &= put(draft, heading.column().get(), cell, number, i, set);
        }
        if (!any) return;
        for (Column column : Column.values()) {
            if (column.isRequired() && !set[column.ordinal()] && sound) {
                problems.add(new Problem(number, 1, "", "The " + role + "'s row lacks a " + column));
                sound = false;
            }
        }
        if (sound) (role == Role.MAN ? man : lady).add(draft.step());
    }

    private boolean put(StepDraft draft, Column column, String cell, int number, int index, boolean[] set) {
        try {
            boolean withFoot = column == Column.PLACE && cell.matches("(?i)(LF|RF|L|R|left|right)\\s+.+");
            if (withFoot && !cell.matches("(?i)(left|right) side .*")) {
                FootPlacement both = FootPlacement.parse(cell);
                draft.foot(both.foot()).placement(both.placement());
                set[Column.FOOT.ordinal()] = true;
            } else {
                draft.set(column, cell);
            }
            set[column.ordinal()] = true;
            return true;
        } catch (IllegalArgumentException e) {
            problems.add(new Problem(number, index + 1, "", e.getMessage()));
            return false;
        }
    }
}
