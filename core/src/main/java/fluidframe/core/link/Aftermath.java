package fluidframe.core.link;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.couple.Role;
import fluidframe.core.couple.RoleWords;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What is said at the end of a figure: which foot each is left with, and whether it can begin again from there. */
public final class Aftermath {
    private Aftermath() {}

    /**
     * {@code "The {man}'s LF and the {lady}'s RF are free. It can begin again as it stands."}, as {@link RoleWords} tells; blank
     * for a chart without rows.
     */
    public static String told(Chart chart) {
        if (chart.man().isEmpty() && chart.lady().isEmpty()) return "";
        Danceable danced = Danceable.of(chart, FigureUse.WHOLE);
        Arrival end = Arrival.after(danced);
        String free = Stream.of(Role.values())
                .filter(end.dancers()::contains)
                .map(role -> "the " + role.told() + "'s " + end.free(role).spoken())
                .collect(Collectors.joining(" and "));
        return "T" + free.substring(1) + (end.dancers().size() == 1 ? " is" : " are") + " free. " + again(end, danced);
    }

    private static String again(Arrival end, Danceable danced) {
        Link link = Linker.link(end, danced);
        switch (link.verdict()) {
            case YES:
                return "It can begin again as it stands.";
            case YES_IF:
                return "It can begin again: " + link.adjustments().get(0).words() + ".";
            default:
                return "It cannot begin again: " + link.obstacles().get(0).told();
        }
    }
}
