package fluidframe.core.rule.partner;

import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A hand can only be taken where it can be reached. */
final class HoldTakenInReach implements Rule {
    static final RuleId ID = new RuleId("partner.hold-taken-in-reach");
    /** Between the middles of two bodies that can just take a hand without leaning. */
    private static final double REACH_METRES = 1.35;

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A hold is taken when the partners are within reach and not back to back.";
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (!sheet.isForCouple()) return List.of();
        List<Finding> findings = new ArrayList<>();
        for (Ledger.Moment moment : sheet.ledger().onsets()) {
            LedgerRow row = moment.man();
            Hold before = sheet.ledger().positions().holdBefore(row.onset());
            boolean taken = row.hold() != before && row.hold().hands() > 0;
            if (!taken) continue;
            double metres = sheet.floor().gaps().stream()
                    .filter(gap -> gap.manStep() == row.number())
                    .mapToDouble(FloorPlan.Gap::metres)
                    .findFirst()
                    .orElse(0);
            boolean apart = metres > REACH_METRES;
            if (apart || row.position() == CouplePosition.BACK_TO_BACK) {
                findings.add(Finding.broken(
                        ID,
                        Role.MAN,
                        row.number(),
                        String.format(
                                Locale.ROOT,
                                "The hold %s is taken on the {man}'s step %d, where the partners are %s.",
                                row.hold(),
                                row.number(),
                                apart ? String.format(Locale.ROOT, "%.1f m apart", metres) : "back to back")));
            }
        }
        return findings;
    }
}
