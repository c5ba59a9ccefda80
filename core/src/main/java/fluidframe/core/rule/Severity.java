package fluidframe.core.rule;

import java.util.Locale;

/** How much a finding weighs. */
public enum Severity {
    /** Cannot be danced or does not add up as written. */
    BROKEN,
    /** Against usual technique. */
    DOUBTFUL,
    /** Worth knowing. */
    NOTE;

    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }
}
