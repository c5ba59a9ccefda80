package fluidframe.core.rule.time;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Count;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.List;
import java.util.Optional;

/** A slow begun on half a beat means that a split was never completed. */
final class SplitsComplete implements Rule {
    static final RuleId ID = new RuleId("time.splits-complete");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "After a divided beat the next slow or quick falls on a whole beat again.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "A quick of half a beat may fall between the beats.",
                "A split that is held on purpose is charted as such, such as &+1.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        Beats start = sheet.chart().startBeat();
        return sheet.perRow((role, row) -> {
            Count.Kind kind = row.step().count().kind();
            boolean word = kind == Count.Kind.SLOW || kind == Count.Kind.QUICK;
            boolean whole = row.end().minus(row.onset()).compareTo(Beats.ONE) >= 0;
            Beats into = start.plus(row.onset()).remainder(Beats.ONE);
            if (!word || !whole || into.isZero()) return Optional.empty();
            return Optional.of(Finding.broken(
                    ID,
                    role,
                    row.number(),
                    "The " + role.told() + "'s step " + row.number() + " begins " + into
                            + " of a beat off the beat: the split before it is not completed."));
        });
    }
}
