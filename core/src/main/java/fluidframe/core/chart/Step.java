package fluidframe.core.chart;

import fluidframe.core.count.Count;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.direction.Alignment;
import fluidframe.core.direction.Turn;
import fluidframe.core.step.BodyDesign;
import fluidframe.core.step.Bounce;
import fluidframe.core.step.ContraBody;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPlacement;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.HeadDesign;
import fluidframe.core.step.Placement;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Sway;
import fluidframe.core.step.Weight;
import java.util.Objects;
import java.util.Optional;

/**
 * One row of one role.
 *
 * @param count the word said on it
 * @param foot the foot that acts
 * @param placement where it goes
 * @param alignment where it is laid in the room; empty means unknown, never "no turn"
 * @param turn the turn between the row before and this one
 * @param weight the weight it takes, where it is not what the placement means by itself
 * @param footwork the parts of the foot that touch, where charted
 * @param rise rise and fall over the row
 * @param cbm contra body movement
 * @param sway sway at the end of the row
 * @param hip what the hips do, phase by phase
 * @param bounce how the knees spring
 * @param body what the body does besides, phase by phase
 * @param head where the head turns and the eyes look, phase by phase
 * @param position the couple position taken on this row; empty means as before
 * @param hold the hold taken on this row; empty means as before
 * @param say the coach's own word for it in a count, {@code "-"} for silence; blank means none of his own
 * @param lead what this role leads or follows and when, may be blank
 * @param note the coach's remark, may be blank
 * @param detail for whom the remark is
 * @param doubtful whether the charter was not sure of this row
 */
public record Step(
        Count count,
        Foot foot,
        Placement placement,
        Optional<Alignment> alignment,
        Turn turn,
        Optional<Weight> weight,
        Optional<Footwork> footwork,
        RiseFall rise,
        ContraBody cbm,
        Sway sway,
        BodyDesign hip,
        Bounce bounce,
        BodyDesign body,
        HeadDesign head,
        Optional<CouplePosition> position,
        Optional<Hold> hold,
        String say,
        String lead,
        String note,
        Detail detail,
        boolean doubtful) {
    public Step {
        Objects.requireNonNull(count, "count");
        Objects.requireNonNull(foot, "foot");
        Objects.requireNonNull(placement, "placement");
        Objects.requireNonNull(detail, "detail");
    }

    /** The weight the foot takes: as written, or as the placement means by itself. */
    public Weight weightTaken() {
        return weight.orElse(placement.usualWeight());
    }

    public Step withTurnAndAlignment(Turn newTurn, Optional<Alignment> newAlignment) {
        return draft().turn(newTurn).alignment(newAlignment).step();
    }

    Step withPosition(CouplePosition newPosition, Hold newHold) {
        StepDraft draft = draft();
        draft.position = Optional.of(newPosition);
        draft.hold = Optional.of(newHold);
        return draft.step();
    }

    /** A copy to be changed cell by cell. */
    public StepDraft draft() {
        StepDraft draft = StepDraft.of(count, foot, placement);
        draft.alignment = alignment;
        draft.turn = turn;
        draft.weight = weight;
        draft.footwork = footwork;
        draft.rise = rise;
        draft.cbm = cbm;
        draft.sway = sway;
        draft.hip = hip;
        draft.bounce = bounce;
        draft.body = body;
        draft.head = head;
        draft.position = position;
        draft.hold = hold;
        draft.say = say;
        draft.lead = lead;
        draft.note = note;
        draft.doubtful = doubtful;
        return draft;
    }

    /** Whether somebody steps on this row; a row may only carry an action of the foot stood on. */
    public boolean isStep() {
        return placement.kind() != Placement.Kind.NO_STEP;
    }

    /** The same danced on the other foot to the other side, with alignments mirrored across the line of dance. */
    public Step mirrored() {
        StepDraft draft = draft();
        draft.position = position.map(CouplePosition::mirrored);
        draft.hold = hold.map(Hold::mirrored);
        return draft.foot(foot.other())
                .placement(placement.mirrored())
                .turn(turn.mirrored())
                .alignment(alignment.map(Alignment::mirrored))
                .sway(sway.mirrored())
                .hip(hip.mirrored())
                .body(body.mirrored())
                .head(head.mirrored())
                .step();
    }

    /** The same row after the whole figure has been turned by so many sixteenths clockwise. */
    public Step rotated(int sixteenths) {
        return draft().alignment(alignment.map(a -> a.rotated(sixteenths)))
                .head(head.rotated(sixteenths))
                .step();
    }

    /** {@code "RF forward in CBMP outside partner"}. */
    public String spoken() {
        return new FootPlacement(foot, placement).toString();
    }
}
