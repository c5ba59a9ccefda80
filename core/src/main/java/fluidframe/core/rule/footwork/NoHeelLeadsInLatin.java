package fluidframe.core.rule.footwork;

import fluidframe.core.rule.Finding;
import fluidframe.core.rule.Rule;
import fluidframe.core.rule.RuleId;
import fluidframe.core.rule.Sheet;
import fluidframe.core.step.Contact;
import fluidframe.core.step.Placement;
import fluidframe.core.step.Weight;
import java.util.List;
import java.util.Optional;

/** In the Latin dances the weight arrives through the ball of the foot. */
final class NoHeelLeadsInLatin implements Rule {
    static final RuleId ID = new RuleId("footwork.no-heel-leads-in-latin");

    @Override
    public RuleId id() {
        return ID;
    }

    @Override
    public String statement() {
        return "A Latin step does not lead with the heel.";
    }

    @Override
    public List<String> exceptions() {
        return List.of(
                "The paso doble and similar marching steps have heel leads.",
                "Weight replaced or stamped arrives on the flat foot, and a heel may push with part weight.",
                "A heel that only touches the floor carries nobody.");
    }

    @Override
    public List<Finding> check(Sheet sheet) {
        if (sheet.chart().dance().hasHeelLeads()) return List.of();
        return sheet.perRow((role, row) -> {
            boolean heel = row.step()
                    .footwork()
                    .map(work -> work.first() == Contact.Part.HEEL)
                    .orElse(false);
            Placement.Kind kind = row.step().placement().kind();
            boolean pushes = row.step().weightTaken() != Weight.FULL;
            if (!heel || pushes || kind == Placement.Kind.REPLACE || kind == Placement.Kind.STAMP)
                return Optional.empty();
            return Optional.of(Finding.doubtful(
                            ID,
                            role,
                            row.number(),
                            "The " + role.told() + "'s step " + row.number() + " leads with the heel ("
                                    + row.step().footwork().orElseThrow() + "); in the "
                                    + sheet.chart().dance().title() + " the ball touches first.")
                    .withFix("Ball first", "work", "BF"));
        });
    }
}
