package fluidframe.core.proposal;

import fluidframe.core.chart.Column;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.StepDraft;
import fluidframe.core.count.Dance;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.Placement;
import fluidframe.core.step.RiseFall;

/** How placement, footwork and rise of one partner answer the other's when facing. */
final class PartnerFootwork {
    private PartnerFootwork() {}

    static Placement.Kind opposite(Placement.Kind kind) {
        switch (kind) {
            case FORWARD, FORWARD_ACROSS:
                return Placement.Kind.BACK;
            case BACK:
                return Placement.Kind.FORWARD;
            case DIAGONALLY_FORWARD:
                return Placement.Kind.DIAGONALLY_BACK;
            case DIAGONALLY_BACK, BACK_SLIGHTLY_SIDE:
                return Placement.Kind.DIAGONALLY_FORWARD;
            case SIDE_SLIGHTLY_FORWARD:
                return Placement.Kind.SIDE_SLIGHTLY_BACK;
            case SIDE_SLIGHTLY_BACK:
                return Placement.Kind.SIDE_SLIGHTLY_FORWARD;
            case CROSS_BEHIND:
                return Placement.Kind.CROSS_IN_FRONT;
            case CROSS_IN_FRONT:
                return Placement.Kind.CROSS_BEHIND;
            default:
                return kind;
        }
    }

    /** Fills footwork and rise: heels lead forward, toes reach back, and going back there is no foot rise. */
    static void put(StepDraft draft, Step from, Placement placement, boolean heelTurn, Dance dance) {
        if (from.footwork().isPresent()) draft.set(Column.WORK, work(from, placement, heelTurn, dance));
        if (!dance.hasRise()) return;
        RiseFall rise = from.rise();
        boolean flat = placement.kind().isBack() && !rise.actions().isEmpty();
        boolean lowersOnly = rise.lowers() && rise.actions().size() > 1 && flat;
        draft.rise(new RiseFall(rise.actions(), flat && !lowersOnly || flat && rise.noFootRise()));
    }

    private static String work(Step from, Placement placement, boolean heelTurn, Dance dance) {
        Footwork work = from.footwork().orElseThrow();
        if (heelTurn) return "HT";
        if (dance.family() == Dance.Family.LATIN) return work.toString();
        boolean theirsForward = from.placement().kind().isForward();
        boolean theirsBack = from.placement().kind().isBack();
        if (dance.family() == Dance.Family.TANGO) {
            if (theirsForward && placement.kind().isBack())
                return work.toString().equals("HF") ? "BF" : "BH";
            if (theirsBack && placement.kind().isForward())
                return work.toString().equals("BF") ? "HF" : "H";
            return work.toString();
        }
        if (theirsForward && placement.kind().isBack() && !work.beginsOnForefoot()) return "TH";
        if (theirsBack && placement.kind().isForward() && startsLow(from)) return "HT";
        return work.toString();
    }

    private static boolean startsLow(Step from) {
        return from.rise().actions().isEmpty() || from.rise().commences();
    }
}
