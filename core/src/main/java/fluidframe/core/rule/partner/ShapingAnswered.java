package fluidframe.core.rule.partner;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.BodyDesign;
import java.util.List;
import java.util.Optional;

/** When the one going forward shapes, the one going back must match or the shoulder lines break. */
final class ShapingAnswered implements Rule {
    static final RuleId ID = new RuleId("partner.shaping-answered");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "Where one partner going forward or back shapes the body, the other answers on the same beat.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Without body contact each shapes alone.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        return sheet.perOnset(moment -> {
            boolean his = shapes(moment.man());
            boolean hers = shapes(moment.lady());
            boolean walks = moment.man().step().placement().kind().travels()
                    && moment.lady().step().placement().kind().travels();
            if (his == hers || !walks || !moment.man().hold().isClosed()) return Optional.empty();
            Role lacking = his ? Role.LADY : Role.MAN;
            int step = moment.of(lacking).number();
            return Optional.of(Finding.doubtful(
                    ID,
                    lacking,
                    step,
                    "The " + lacking.partner().told() + " shapes on step "
                            + moment.of(lacking.partner()).number() + ", but nothing is charted for the "
                            + lacking.told()
                            + "'s body on step " + step + "."));
        });
    }

    private static boolean shapes(LedgerRow row) {
        return row.step().body().phases().stream().anyMatch(p -> p.action() == BodyDesign.Action.SHAPE);
    }
}
