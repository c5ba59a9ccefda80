package fluidframe.library.typed;

import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.StepDraft;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Weight;
import fluidframe.library.text.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * One line a step in the short codes of {@link Vocabulary}: {@code "1 r f fdw br ht e y"}. Words follow the columns from
 * left to right; a word that does not fit a column is tried at the next, and {@code -} leaves one out. The foot may be
 * left out after the first line: the other one is meant. The lady's part of a line follows a {@code |}.
 */
public final class Shorthand {
    /** What is a sentence or a word of the coach's own. */
    private static final Set<Column> REMARKS = Set.of(Column.LEAD, Column.NOTE, Column.SAY, Column.DETAIL);

    /** Columns that would take a word meant for another: any word at all, or the one letter of a sway typed twice. */
    private static final Set<Column> ONLY_IN_CELLS =
            Set.of(Column.LEAD, Column.NOTE, Column.SAY, Column.HEAD, Column.DETAIL);

    /** Columns whose text does not tell by itself what it is about. */
    private static final Set<Column> NAMED = Set.of(Column.SWAY, Column.CBM, Column.HEAD);

    private static final int MAX_LINES = 128;

    private final Map<String, List<Vocabulary.Word>> vocabulary = Vocabulary.columns();
    private final List<Problem> problems = new ArrayList<>();
    private final List<Step> man = new ArrayList<>();
    private final List<Step> lady = new ArrayList<>();

    private Shorthand() {}

    /** Reads lines for one role; a part after {@code |} goes to the partner. Blank lines are passed over. */
    public static TypedRows read(String text, Role role) {
        Shorthand shorthand = new Shorthand();
        String[] lines = text.split("\\R", -1);
        if (lines.length > MAX_LINES) {
            shorthand.problems.add(new Problem(
                    MAX_LINES + 1,
                    1,
                    "",
                    "A figure must have at most " + MAX_LINES + " lines, but has " + lines.length));
            return new TypedRows(List.of(), List.of(), shorthand.problems);
        }
        for (int i = 0; i < lines.length; i++) {
            int bar = lines[i].indexOf('|');
            String first = bar < 0 ? lines[i] : lines[i].substring(0, bar);
            shorthand.line(first, i + 1, 0, role);
            if (bar >= 0) shorthand.line(lines[i].substring(bar + 1), i + 1, bar + 1, role.partner());
        }
        return new TypedRows(shorthand.man, shorthand.lady, shorthand.problems);
    }

    /** A row as a person reads it in one line: what is charted, with dots between. */
    public static String words(Step step, Dance dance) {
        List<String> words = new ArrayList<>();
        for (Column column : Column.values()) {
            String text = column.of(step, dance);
            boolean said = REMARKS.contains(column) || text.isEmpty();
            if (column == Column.FOOT) words.add(step.foot().spoken());
            else if (!said) words.add(NAMED.contains(column) ? column + " " + text : text);
        }
        return String.join(" · ", words);
    }

    private void line(String line, int number, int offset, Role role) {
        if (line.isBlank()) return;
        List<Step> rows = role == Role.MAN ? man : lady;
        StepDraft draft = StepDraft.empty();
        boolean[] set = new boolean[Column.values().length];
        int column = 0;
        int at = 0;
        boolean sound = true;
        for (String word : line.strip().split("\\s+")) {
            at = line.indexOf(word, at);
            int taken = word.equals("-") ? column : take(draft, word, column);
            if (taken < 0) {
                problems.add(new Problem(
                        number,
                        offset + at + 1,
                        "",
                        "\"" + word + "\" fits no column from "
                                + Column.values()[Math.min(column, Column.values().length - 1)] + " on"));
                sound = false;
                break;
            }
            set[taken] = !word.equals("-");
            column = taken + 1;
            at += word.length();
        }
        if (!sound) return;
        if (!set[Column.FOOT.ordinal()]) otherFoot(rows).ifPresentOrElse(draft::foot, () -> {});
        boolean foot = set[Column.FOOT.ordinal()] || otherFoot(rows).isPresent();
        if (!set[Column.COUNT.ordinal()] || !foot || !set[Column.PLACE.ordinal()]) {
            problems.add(new Problem(
                    number,
                    offset + 1,
                    "",
                    "A line must say count, foot and placement, such as \"1 r f\", but was \"" + line.strip() + "\""));
            return;
        }
        rows.add(draft.step());
    }

    /** The column that takes the word, from {@code from} on; -1 if none does. */
    private int take(StepDraft draft, String word, int from) {
        for (int i = from; i < Column.values().length; i++) {
            Column column = Column.values()[i];
            if (ONLY_IN_CELLS.contains(column)) continue;
            boolean mayPass = !column.isRequired() || column == Column.FOOT;
            Optional<String> code = vocabulary.getOrDefault(column.key(), List.of()).stream()
                    .filter(entry -> entry.code().equalsIgnoreCase(word))
                    .map(Vocabulary.Word::text)
                    .findFirst();
            try {
                draft.set(column, code.orElse(word));
                return i;
            } catch (IllegalArgumentException e) {
                if (!mayPass) return -1;
            }
        }
        return -1;
    }

    private static Optional<Foot> otherFoot(List<Step> rows) {
        for (int i = rows.size() - 1; i >= 0; i--) {
            if (rows.get(i).weightTaken() == Weight.FULL)
                return Optional.of(rows.get(i).foot().other());
        }
        return Optional.empty();
    }
}
