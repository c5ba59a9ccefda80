package fluidframe.core.rule.weight;

import fluidframe.core.couple.Role;
import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A quarter of a turn and more over one foot wants the whole body over it. */
final class TurningFootCarries implements Rule {
    static final RuleId ID = new RuleId("weight.turning-foot-carries");
    /** Less than a quarter can be made while the weight is still between the feet. */
    private static final int LEAST_SIXTEENTHS = 4;

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A swivel, spiral, spin or pivot of a quarter or more is made on a foot that has full weight.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("A twist is made on both feet.", "A heel turn or heel pull is judged by its own rule.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        List<Finding> findings = new ArrayList<>();
        for (Role role : Role.values()) {
            List<LedgerRow> rows = sheet.rows(role);
            for (int i = 0; i < rows.size(); i++) {
                if (!turnsOver(rows.get(i).step().turn())) continue;
                int at = i;
                sharing(rows, i).ifPresent(loaded -> findings.add(found(role, rows.get(at), loaded)));
            }
        }
        return findings;
    }

    private static boolean turnsOver(Turn turn) {
        switch (turn.kind()) {
            case SWIVEL, SPIRAL, SPIN, PIVOT, TOE_PIVOT:
                return Math.abs(turn.sixteenths()) >= LEAST_SIXTEENTHS;
            default:
                return false;
        }
    }

    /** The row that put the turning foot down with part weight, if that is how it stands. */
    private static Optional<LedgerRow> sharing(List<LedgerRow> rows, int i) {
        LedgerRow turning = rows.get(i);
        if (turning.step().isStep() && turning.step().weightTaken() == Weight.PART) return Optional.of(turning);
        Foot foot = turning.step().isStep()
                ? turning.step().foot().other()
                : turning.step().foot();
        for (int before = i - 1; before >= 0; before--) {
            LedgerRow row = rows.get(before);
            if (!row.step().isStep() || row.step().weightTaken() == Weight.NONE) continue;
            boolean part = row.step().foot() == foot && row.step().weightTaken() == Weight.PART;
            return part ? Optional.of(row) : Optional.empty();
        }
        return Optional.empty();
    }

    private static Finding found(Role role, LedgerRow turning, LedgerRow loaded) {
        return Finding.broken(
                        ID,
                        role,
                        loaded.number(),
                        "The " + role.told() + "'s step " + loaded.number() + " takes part weight, and step "
                                + turning.number() + " turns "
                                + TurnText.amount(turning.step().turn().sixteenths()) + " over the "
                                + loaded.step().foot().spoken()
                                + ": nobody can turn so far on a foot that shares the weight.")
                .withFix("Give it full weight", "weight", "full");
    }
}
