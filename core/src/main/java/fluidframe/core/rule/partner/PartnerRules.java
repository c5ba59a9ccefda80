package fluidframe.core.rule.partner;

import fluidframe.core.rule.Rule;
import java.util.List;

/** Rules that hold the two roles against each other. */
public final class PartnerRules {
    private PartnerRules() {}

    public static List<Rule> all() {
        return List.of(
                new RelativeDirection(),
                new PositionsAgree(),
                new PositionNamedOnce(),
                new OppositeFeet(),
                new TravelsTogether(),
                new SwayMirrors(),
                new CbmTogether(),
                new OutsideAnswered(),
                new HoldFitsPosition(),
                new HoldAllowsTurn(),
                new HoldTakenInReach(),
                new ShapingAnswered());
    }
}
