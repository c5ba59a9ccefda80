package fluidframe.core.chart;

import java.util.Locale;

/** What is taught first and what is added later; a reader folds away the layers not wanted yet. */
public enum Layer {
    /** Count, foot, placement, weight, position and hold. */
    FEET,
    /** Alignment and turn. */
    TURN,
    /** Parts of the foot. */
    FOOTWORK,
    /** Rise, sway, CBM, hips, bounce and body. */
    BODY,
    /** Lead, follow and remarks. */
    LEAD;

    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }
}
