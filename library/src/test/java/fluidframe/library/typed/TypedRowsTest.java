package fluidframe.library.typed;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Step;
import fluidframe.core.couple.Role;
import fluidframe.library.figure.ChartComparison;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.library.text.Problem;
import java.util.List;
import org.junit.jupiter.api.Test;

class TypedRowsTest {
    private static final Chart NATURAL = ShippedLibrary.load().stream()
            .filter(c -> c.id().equals("waltz.natural-turn"))
            .findFirst()
            .orElseThrow();

    @Test
    void readsAWholeFigureFromOneLineAStep() {
        TypedRows typed = Shorthand.read("""
                1 r f fdw br ht e y
                2 s bdc 2r t c - r
                3 c bl 1r th cl - r
                1 b bl br th en y
                2 s pdc 3rb t c - l
                3 c fdc bc th cl - l
                """, Role.MAN);
        assertThat(typed.problems()).isEmpty();
        assertThat(typed.man())
                .usingRecursiveFieldByFieldElementComparatorIgnoringFields("lead")
                .containsExactlyElementsOf(NATURAL.man());
    }

    @Test
    void readsBothRolesOnOneLine() {
        TypedRows typed = Shorthand.read("1 r f fdw | 1 l b bdw\n2 s fdw | 2 s bdw", Role.MAN);
        assertThat(typed.man()).extracting(Step::spoken).containsExactly("RF forward", "LF side");
        assertThat(typed.lady()).extracting(Step::spoken).containsExactly("LF back", "RF side");
    }

    @Test
    void tellsTheWordThatFitsNowhereAndKeepsTheOtherLines() {
        TypedRows typed = Shorthand.read("1 r f fdw\n2 s xyzzy\n3 c\nf", Role.LADY);
        assertThat(typed.problems())
                .extracting(Problem::toString)
                .containsExactly(
                        "line 2, column 5: \"xyzzy\" fits no column from align on",
                        "line 4, column 1: \"f\" fits no column from count on");
        assertThat(typed.lady()).hasSize(2);
        assertThat(Shorthand.read("1 f", Role.MAN).problems())
                .extracting(Problem::message)
                .containsExactly("A line must say count, foot and placement, such as \"1 r f\", but was \"1 f\"");
    }

    @Test
    void readsAPastedTableWithBothRolesSideBySide() {
        TypedRows table = RowTable.read("""
                Step\tMan timing\tMan feet positions\tMan alignment\tLady timing\tLady feet positions\tLady alignment
                1\t1\tRF forward\tfacing DW\t1\tLF back\tbacking DW
                2\t2\tLF side\tbacking DC\t2\tRF side\tpointing LOD
                """.replace("Step\tMan", "no\tMan"));
        assertThat(table.problems()).isEmpty();
        assertThat(table.man()).extracting(Step::spoken).containsExactly("RF forward", "LF side");
        assertThat(table.lady()).extracting(Step::spoken).containsExactly("LF back", "RF side");
    }

    @Test
    void readsRolesBelowEachOtherByColumnOrByLine() {
        TypedRows byColumn = RowTable.read("role\tcount\tfoot\tplace\nman\t1\tR\tforward\nlady\t1\tL\tback\n");
        TypedRows byLine = RowTable.read("man\n1\tR\tforward\nLady:\n1\tL\tback\n");
        assertThat(byColumn).isEqualTo(byLine);
        assertThat(byLine.man()).hasSize(1);
        assertThat(byLine.lady()).hasSize(1);
    }

    @Test
    void tellsEveryCellThatCannotBeReadWithItsPlace() {
        TypedRows table = RowTable.read("count\tfoot\tplace\talign\n1\tR\tforward\tup\n2\t\tside\t\nx\tL\tcloses\t");
        assertThat(table.problems())
                .extracting(Problem::toString)
                .satisfies(all -> assertThat(String.join("\n", all))
                        .contains("line 2, column 4: An alignment must be")
                        .contains("line 3, column 1: The man's row lacks a foot")
                        .contains("line 4, column 1: A count must be"));
        assertThat(table.man()).isEmpty();
    }

    @Test
    void comparesTwoFiguresRowByRow() {
        List<Chart> all = ShippedLibrary.load();
        Chart spin = all.stream()
                .filter(c -> c.id().equals("waltz.natural-spin-turn"))
                .findFirst()
                .orElseThrow();
        List<ChartComparison.RowPair> rows = ChartComparison.rows(NATURAL, spin);
        assertThat(rows)
                .filteredOn(pair -> pair.role().equals("man"))
                .extracting(ChartComparison.RowPair::same)
                .containsExactly(true, true, true, false, false, false);
        Chart shorter = NATURAL.withRows(NATURAL.man(), NATURAL.lady());
        assertThat(ChartComparison.rows(
                        NATURAL,
                        new Chart(
                                shorter.identity(),
                                shorter.start(),
                                NATURAL.man().subList(1, 6),
                                shorter.lady(),
                                List.of(),
                                List.of(),
                                List.of(),
                                shorter.totals(),
                                shorter.finish(),
                                List.of(),
                                List.of(),
                                shorter.teaching(),
                                List.of())))
                .filteredOn(pair -> !pair.same())
                .singleElement()
                .satisfies(pair -> {
                    assertThat(pair.left()).isEqualTo(1);
                    assertThat(pair.right()).isZero();
                });
    }
}
