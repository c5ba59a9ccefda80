package fluidframe.core.chart;

import fluidframe.core.couple.Role;
import java.util.OptionalInt;

/** The whole turn that each role is said to make, in signed sixteenths, where the chart declares it. */
public record Totals(OptionalInt man, OptionalInt lady) {
    public static final Totals UNDECLARED = new Totals(OptionalInt.empty(), OptionalInt.empty());

    public OptionalInt of(Role role) {
        return role == Role.MAN ? man : lady;
    }
}
