package fluidframe.core.chart;

import fluidframe.core.couple.Role;
import java.util.Optional;

/**
 * A finding that the coach has accepted; it stays quiet in this chart and is shown as accepted.
 *
 * @param rule the id of the rule
 * @param role whose row, where the finding names one
 * @param step the number of the row from 1, 0 for the figure as a whole
 * @param reason why it is right here; not blank
 */
public record Acceptance(String rule, Optional<Role> role, int step, String reason) {
    public Acceptance {
        if (reason.isBlank()) throw new IllegalArgumentException("Accepting a finding must have a reason");
    }
}
