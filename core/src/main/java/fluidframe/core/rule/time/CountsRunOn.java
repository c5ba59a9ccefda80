package fluidframe.core.rule.time;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Count;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;

/** A missed or repeated beat number means that a step was lost or charted twice. */
final class CountsRunOn implements Rule {
    static final RuleId ID = new RuleId("time.counts-run-on");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "The beats counted follow each other without a gap or a repeat.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            Rhythm rhythm = sheet.chart().rhythm(role);
            int row = rhythm.firstMisplaced();
            if (row < 0) continue;
            if (row == 0) {
                findings.add(Finding.broken(
                        ID,
                        role,
                        1,
                        "The " + role.told() + "'s first count is \"" + rhythm.count(0)
                                + "\", which divides a beat that nobody has counted."));
                continue;
            }
            Beats along = along(rhythm, row);
            int expected = along.dividedBy(Beats.ONE) + 1;
            Beats into = along.remainder(Beats.ONE);
            Finding finding = Finding.broken(
                    ID,
                    role,
                    row + 1,
                    "The " + role.told() + "'s step " + (row + 1) + " is counted \""
                            + rhythm.count(row).text(rhythm.dance().beatsPerBar())
                            + "\", but the rows before it lead to beat " + expected
                            + (into.isZero() ? "." : " and " + into + "."));
            findings.add(
                    into.isZero()
                            ? finding.withFix("Count it " + expected, "count", Integer.toString(expected))
                            : finding);
        }
        return findings;
    }

    private static Beats along(Rhythm rhythm, int row) {
        int first = 0;
        while (rhythm.count(first).kind() != Count.Kind.BEAT) first++;
        Beats along = rhythm.onset(row)
                .minus(rhythm.onset(first))
                .plus(Beats.of(rhythm.count(first).beat() - 1));
        return along.remainder(rhythm.dance().bar());
    }
}
