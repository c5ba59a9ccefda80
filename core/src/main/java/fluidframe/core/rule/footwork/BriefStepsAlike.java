package fluidframe.core.rule.footwork;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.ledger.Ledger;
import fluidframe.core.ledger.LedgerRow;
import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;

/** Half a beat is too little for one of the two to lower while the other stays on the ball. */
final class BriefStepsAlike implements Rule {
    static final RuleId ID = new RuleId("footwork.brief-steps-alike");
    private static final Beats BRIEF = Beats.of(1, 2);

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "On a Latin step of half a beat or less that both take together, both lower the heel or neither does.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "A step that takes no weight, or part of it.",
                "Where one crosses and the other does not, the one who crosses stays on the ball.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (sheet.chart().dance().family() != Dance.Family.LATIN) return List.of();
        List<Finding> findings = new ArrayList<>();
        for (Ledger.Moment moment : sheet.ledger().onsets()) {
            LedgerRow his = moment.man();
            LedgerRow hers = moment.lady();
            boolean together = his.end().equals(hers.end())
                    && his.end().minus(his.onset()).compareTo(BRIEF) <= 0
                    && weighs(his)
                    && weighs(hers);
            if (crosses(his) != crosses(hers)) continue;
            if (!together || lowers(his) == lowers(hers)) continue;
            Role lowering = lowers(his) ? Role.MAN : Role.LADY;
            findings.add(Finding.doubtful(
                            ID,
                            lowering,
                            moment.of(lowering).number(),
                            "The " + lowering.told() + "'s step "
                                    + moment.of(lowering).number() + " lowers the heel in half a beat or less, and the "
                                    + lowering.partner().told() + " stays on the ball.")
                    .withFix("Stay on the ball", "work", "B"));
        }
        return findings;
    }

    private static boolean weighs(LedgerRow row) {
        return row.step().weightTaken() == Weight.FULL && row.step().footwork().isPresent();
    }

    private static boolean crosses(LedgerRow row) {
        Placement.Kind kind = row.step().placement().kind();
        return kind == Placement.Kind.CROSS_BEHIND || kind == Placement.Kind.CROSS_IN_FRONT;
    }

    private static boolean lowers(LedgerRow row) {
        return row.step().footwork().map(work -> !work.endsOnForefoot()).orElse(false);
    }
}
