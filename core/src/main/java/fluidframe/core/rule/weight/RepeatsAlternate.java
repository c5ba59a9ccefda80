package fluidframe.core.rule.weight;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.chart.Repetition;
import fluidframe.core.chart.Step;
import fluidframe.core.couple.Role;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Severity;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A block that ends on the wrong foot cannot be danced again. */
final class RepeatsAlternate implements Rule {
    static final RuleId ID = new RuleId("weight.repeats-alternate");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Repeated steps can follow themselves: the foot they begin with is free at their end.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A mirrored repeat begins with the other foot every second time.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        Chart chart = sheet.chart();
        List<Integer> most = Repetition.most(chart);
        for (int i = 0; i < most.size(); i++) {
            if (most.get(i) < 2) continue;
            RepeatGroup group = chart.repeats().get(i);
            List<Integer> times = new ArrayList<>(Collections.nCopies(i, 1));
            times.add(2);
            Chart twice = Repetition.of(chart, times, false);
            for (Role role : Role.values()) {
                Foot clash = clash(twice, role);
                if (clash == null || clash(chart, role) != null) continue;
                findings.add(Finding.whole(
                        ID,
                        Severity.BROKEN,
                        "Danced twice, steps " + group.from() + "-" + group.to() + " have the " + role.told()
                                + " step on the "
                                + clash.spoken() + " twice in a row: "
                                + (group.mirrored()
                                        ? "the repeat is mirrored, but ends on the foot it began with."
                                        : "mirror the repeat, or add a change of weight.")));
            }
        }
        return findings;
    }

    private static Foot clash(Chart chart, Role role) {
        Foot standing = null;
        for (Step step : chart.steps(role)) {
            if (step.weightTaken() != Weight.FULL) continue;
            if (step.foot() == standing && step.placement().kind() != Placement.Kind.REPLACE) return standing;
            standing = step.foot();
        }
        return null;
    }
}
