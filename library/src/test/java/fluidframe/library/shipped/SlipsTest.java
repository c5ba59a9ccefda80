package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.core.check.RuleBook;
import fluidframe.core.rule.Fix;
import fluidframe.core.rule.Sheet;
import fluidframe.library.figure.ChartReader;
import fluidframe.library.text.ReadResult;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Counts how many slips of the pen the rules find, over every row of the whole shipped library. */
class SlipsTest {
    /** Roles are named by placeholders; only a position has one in its name. */
    private static final Pattern A_ROLE_BY_NAME =
            Pattern.compile("(?<![{\\w])(man(?! in front)|lady(?! in front)|he|she|his|her)(?![}\\w])");

    @Test
    void findsAtLeastNinetyEightOfAHundredSlipsOfEveryKind() {
        Map<String, int[]> counts = new TreeMap<>();
        List<String> missed = new ArrayList<>();
        for (Chart chart : ShippedLibrary.load()) {
            for (Slips.Slip slip : Slips.of(chart)) {
                int[] count = counts.computeIfAbsent(slip.family() + ": " + slip.kind(), kind -> new int[2]);
                count[0]++;
                if (isFound(slip)) count[1]++;
                else missed.add(slip.kind() + ": " + slip.where());
            }
        }
        System.out.println("Slips of the pen found, by family:");
        counts.forEach((kind, count) -> System.out.printf(
                "  %-36s %4d of %4d  %5.1f %%%n", kind, count[1], count[0], 100.0 * count[1] / count[0]));
        missed.forEach(slip -> System.out.println("  missed " + slip));
        assertThat(counts).hasSize(8);
        counts.forEach((kind, count) -> assertThat(count[1])
                .as(kind + ", missed " + missed)
                .isGreaterThanOrEqualTo((int) Math.ceil(count[0] * 0.98)));
    }

    private static boolean isFound(Slips.Slip slip) {
        ReadResult<Chart> read = ChartReader.read(slip.document());
        return read.value().isEmpty()
                || RuleBook.standard().check(Sheet.of(read.value().get())).stream()
                        .anyMatch(RuleBook.Checked::isOpen);
    }

    @Test
    void everyFixSettlesTheFindingItBelongsToAndNoFindingNamesARoleByItself() {
        int fixed = 0;
        for (Chart chart : ShippedLibrary.load()) {
            for (Slips.Slip slip : Slips.of(chart)) {
                ReadResult<Chart> read = ChartReader.read(slip.document());
                if (read.value().isEmpty()) continue;
                for (RuleBook.Checked checked :
                        RuleBook.standard().check(Sheet.of(read.value().get()))) {
                    assertThat(checked.finding().told()).doesNotContainPattern(A_ROLE_BY_NAME);
                    if (checked.finding().fix().isEmpty()) continue;
                    Fix fix = checked.finding().fix().get();
                    ObjectNode mended = slip.document().deepCopy();
                    ((ObjectNode) mended.get(fix.role().toString()).get(fix.step() - 1)).put(fix.column(), fix.text());
                    Chart after = ChartReader.read(mended).orThrow();
                    assertThat(RuleBook.standard().check(Sheet.of(after)))
                            .as(slip.where() + " after " + fix)
                            .noneMatch(c -> isSame(c, checked));
                    fixed++;
                }
            }
        }
        assertThat(fixed).isGreaterThan(200);
    }

    private static boolean isSame(RuleBook.Checked one, RuleBook.Checked other) {
        return one.finding().rule().equals(other.finding().rule())
                && one.finding().role().equals(other.finding().role())
                && one.finding().step() == other.finding().step();
    }
}
