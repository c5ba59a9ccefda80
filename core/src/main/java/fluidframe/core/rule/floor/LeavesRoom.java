package fluidframe.core.rule.floor;

import fluidframe.core.couple.Role;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.List;
import java.util.Locale;

/** Two people who crowd their own centre cannot turn about it. */
final class LeavesRoom implements Rule {
    static final RuleId ID = new RuleId("floor.leaves-room");
    /** From the middle of one body to the middle of the other. */
    private static final double LEAST_METRES = 0.16;

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "The partners keep room between them.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("In shadow, tandem and side by side positions bodies may be close behind each other.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.isForCouple()) return List.of();
        return sheet.floor().gaps().stream()
                .filter(gap -> gap.metres() < LEAST_METRES)
                .map(gap -> Finding.doubtful(
                        ID,
                        Role.MAN,
                        gap.manStep(),
                        String.format(
                                Locale.ROOT,
                                "Drawn on the floor, the partners are %.2f m apart on the {man}'s step %d: they crowd their own centre.",
                                gap.metres(),
                                gap.manStep())))
                .toList();
    }
}
