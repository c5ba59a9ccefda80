package fluidframe.core.rule.partner;

import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Amount;
import fluidframe.core.step.BodyDesign;
import fluidframe.core.step.Foot;
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
        return "Where one partner going forward or back shapes the body or uses it deeply, the other answers on the same beat,"
                + " and a shape to the same side of the room.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("Without body contact each shapes alone.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        return sheet.perOnset(moment -> {
            boolean walks = moment.man().step().placement().kind().travels()
                    && moment.lady().step().placement().kind().travels();
            if (!walks || !moment.man().hold().isClosed()) return Optional.empty();
            if (asks(moment.man()) && !answers(moment.lady())) return Optional.of(lacking(moment, Role.LADY));
            if (asks(moment.lady()) && !answers(moment.man())) return Optional.of(lacking(moment, Role.MAN));
            return moment.man().position().isFacing() ? wrongSide(moment) : Optional.empty();
        });
    }

    private static Finding lacking(Ledger.Moment moment, Role lacking) {
        int step = moment.of(lacking).number();
        return Finding.doubtful(
                ID,
                lacking,
                step,
                "The " + lacking.partner().told() + " "
                        + (shapes(moment.of(lacking.partner())) ? "shapes" : "uses the body deeply")
                        + " on step "
                        + moment.of(lacking.partner()).number() + ", but nothing is charted for the "
                        + lacking.told()
                        + "'s body on step " + step + ".");
    }

    /** Facing each other his left is her right. */
    private static Optional<Finding> wrongSide(Ledger.Moment moment) {
        Optional<Foot> his = side(moment.man());
        Optional<Foot> hers = side(moment.lady());
        if (his.isEmpty() || hers.isEmpty() || his.get() != hers.get()) return Optional.empty();
        int step = moment.lady().number();
        return Optional.of(Finding.doubtful(
                ID,
                Role.LADY,
                step,
                "Both partners shape to their own " + (his.get() == Foot.LEFT ? "left" : "right")
                        + " on the {man}'s step "
                        + moment.man().number() + " and the {lady}'s step " + step
                        + ": facing each other the shapes go to opposite sides."));
    }

    private static Optional<Foot> side(LedgerRow row) {
        return row.step().body().phases().stream()
                .filter(p -> p.action() == BodyDesign.Action.SHAPE)
                .flatMap(p -> p.side().stream())
                .findFirst();
    }

    private static boolean asks(LedgerRow row) {
        return shapes(row)
                || row.step().body().phases().stream().anyMatch(p -> p.amount().equals(Optional.of(Amount.FULL)));
    }

    private static boolean answers(LedgerRow row) {
        return !row.step().body().isNone();
    }

    private static boolean shapes(LedgerRow row) {
        return row.step().body().phases().stream().anyMatch(p -> p.action() == BodyDesign.Action.SHAPE);
    }
}
