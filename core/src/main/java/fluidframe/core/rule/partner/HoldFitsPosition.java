package fluidframe.core.rule.partner;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.List;
import java.util.Optional;

/** Arms have a length and elbows bend one way. */
final class HoldFitsPosition implements Rule {
    static final RuleId ID = new RuleId("partner.hold-fits-position");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A closed hold is danced in a position where the bodies are close, and open positions are held by hands or not at all.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "In promenade, counter promenade, fallaway and contra positions the bodies are close enough for a closed hold.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.isForCouple()) return List.of();
        return sheet.perRow((role, row) -> {
            boolean named =
                    row.step().position().isPresent() || row.step().hold().isPresent() || row.number() == 1;
            if (role == Role.LADY || !named && !changedByLady(sheet, row)) return Optional.empty();
            Hold hold = row.hold();
            CouplePosition position = row.position();
            boolean closedTooFar = hold.isClosed() && hold != Hold.SHADOW && !position.isClose();
            boolean shadowElsewhere = hold == Hold.SHADOW && position.isFacing();
            if (!closedTooFar && !shadowElsewhere) return Optional.empty();
            return Optional.of(Finding.broken(
                    ID,
                    role,
                    row.number(),
                    "On the {man}'s step " + row.number() + " the hold is " + hold + " in " + position
                            + " position, where it does not reach: change the hold or the position."));
        });
    }

    private static boolean changedByLady(Sheet sheet, LedgerRow row) {
        return sheet.rows(Role.LADY).stream()
                .anyMatch(hers -> hers.onset().equals(row.onset())
                        && (hers.step().hold().isPresent()
                                || hers.step().position().isPresent()));
    }
}
