package fluidframe.core.rule.turn;

import fluidframe.core.direction.Turn;
import fluidframe.core.direction.TurnText;
import fluidframe.core.ledger.TurnDivision;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.List;
import java.util.Optional;

/** A dancer who leaves all of a large turn to one action falls off the foot. */
final class NotAllAtOnce implements Rule {
    static final RuleId ID = new RuleId("turn.not-all-at-once");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "One swivel or twist turns at most 1/2, one pivot at most 5/8, one spiral or spin at most 1 1/2.";
    }

    @Override
    public List<String> exceptions() {
        return List.of("How a smaller turn is divided is left to the school.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        return sheet.perRow((role, row) -> {
            Turn turn = row.step().turn();
            int most = most(turn.kind());
            if (Math.abs(turn.sixteenths()) <= most) return Optional.empty();
            return Optional.of(Finding.doubtful(
                    ID,
                    role,
                    row.number(),
                    "The " + role.told() + "'s step " + row.number() + " turns " + TurnText.amount(turn.sixteenths())
                            + " in one "
                            + (turn.kind().toString().isEmpty()
                                    ? "step"
                                    : turn.kind().toString()) + ". It could be divided: "
                            + TurnDivision.of(turn.sixteenths()).words() + "."));
        });
    }

    private static int most(Turn.Kind kind) {
        switch (kind) {
            case SWIVEL, TWIST:
                return 8;
            case PIVOT, TOE_PIVOT, HEEL_TURN, HEEL_PULL:
                return 10;
            default:
                return 24;
        }
    }
}
