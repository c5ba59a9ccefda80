package fluidframe.core.rule.safety;

import fluidframe.core.chart.Chart;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.List;

/** What can hurt has to be said where it is taught. */
final class CautionSaid implements Rule {
    static final RuleId ID = new RuleId("safety.caution-said");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A chart with spins, deep twists, lines or drops says the usual cautions.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Turns of less than half on one foot.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        Chart chart = sheet.chart();
        if (!chart.teaching().cautions().isEmpty()) return List.of();
        return Cautions.proposedFor(chart).stream()
                .map(proposal -> Finding.note(
                        ID,
                        proposal.role(),
                        proposal.step(),
                        "The " + proposal.role().told() + "'s step " + proposal.step() + " is " + proposal.what()
                                + ", and the chart says no caution: " + proposal.text()))
                .limit(1)
                .toList();
    }
}
