package fluidframe.core.chart;

import fluidframe.core.step.BodyDesign;
import fluidframe.core.step.HeadDesign;

/**
 * What a role does before the first count, on the foot stood on: where hip, body and head are when the figure begins. It
 * takes no beat of the figure's own, since it happens on the last of the figure before.
 *
 * @param hip what the hips do
 * @param body what the body does besides
 * @param head where the head looks
 * @param note the coach's remark, may be blank
 */
public record Preparation(BodyDesign hip, BodyDesign body, HeadDesign head, String note) {
    public static final Preparation NONE = new Preparation(BodyDesign.NONE, BodyDesign.NONE, HeadDesign.NONE, "");

    public boolean isNone() {
        return equals(NONE);
    }

    Preparation mirrored() {
        return new Preparation(hip.mirrored(), body.mirrored(), head.mirrored(), note);
    }
}
