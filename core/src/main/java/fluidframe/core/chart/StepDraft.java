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
import fluidframe.core.step.Footwork;
import fluidframe.core.step.HeadDesign;
import fluidframe.core.step.Placement;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Sway;
import fluidframe.core.step.Weight;
import java.util.Optional;

/** A row in the making: cells are set one by one, from values or from a coach's short forms. */
public final class StepDraft {
    Count count;
    Foot foot;
    Placement placement;
    Optional<Alignment> alignment = Optional.empty();
    Turn turn = Turn.NONE;
    Optional<Weight> weight = Optional.empty();
    Optional<Footwork> footwork = Optional.empty();
    RiseFall rise = RiseFall.NONE;
    ContraBody cbm = ContraBody.NONE;
    Sway sway = Sway.STRAIGHT;
    BodyDesign hip = BodyDesign.NONE;
    Bounce bounce = Bounce.NONE;
    BodyDesign body = BodyDesign.NONE;
    HeadDesign head = HeadDesign.NONE;
    Optional<CouplePosition> position = Optional.empty();
    Optional<Hold> hold = Optional.empty();
    String say = "";
    String lead = "";
    String note = "";
    Detail detail = Detail.FIRST_LESSON;
    boolean doubtful;

    StepDraft() {}

    /** A row with what every row must have. */
    public static StepDraft of(Count count, Foot foot, Placement placement) {
        StepDraft draft = new StepDraft();
        draft.count = count;
        draft.foot = foot;
        draft.placement = placement;
        return draft;
    }

    /** An empty row; count, foot and placement are to be set before {@link #step()}. */
    public static StepDraft empty() {
        return new StepDraft();
    }

    /** Reads a cell; refuses what the column cannot say. */
    public StepDraft set(Column column, String text) {
        column.write(this, text);
        return this;
    }

    public StepDraft count(Count value) {
        count = value;
        return this;
    }

    public StepDraft foot(Foot value) {
        foot = value;
        return this;
    }

    public StepDraft placement(Placement value) {
        placement = value;
        return this;
    }

    public StepDraft alignment(Optional<Alignment> value) {
        alignment = value;
        return this;
    }

    public StepDraft turn(Turn value) {
        turn = value;
        return this;
    }

    public StepDraft footwork(Optional<Footwork> value) {
        footwork = value;
        return this;
    }

    public StepDraft rise(RiseFall value) {
        rise = value;
        return this;
    }

    public StepDraft sway(Sway value) {
        sway = value;
        return this;
    }

    public StepDraft hip(BodyDesign value) {
        hip = value;
        return this;
    }

    public StepDraft body(BodyDesign value) {
        body = value;
        return this;
    }

    public StepDraft head(HeadDesign value) {
        head = value;
        return this;
    }

    public StepDraft doubtful(boolean value) {
        doubtful = value;
        return this;
    }

    /** The row; refuses one without count, foot or placement. */
    public Step step() {
        return new Step(
                count, foot, placement, alignment, turn, weight, footwork, rise, cbm, sway, hip, bounce, body, head,
                position, hold, say, lead, note, detail, doubtful);
    }
}
