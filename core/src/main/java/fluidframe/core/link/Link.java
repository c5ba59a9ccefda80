package fluidframe.core.link;

import java.util.List;

/**
 * Whether one figure may follow another.
 *
 * @param verdict yes, yes if adjusted, or no
 * @param conditions every condition with both sides' values, also those that hold
 * @param adjustments what would make it possible, the simplest first; empty unless the verdict is yes if
 * @param rotation by how many sixteenths the second figure is turned from its chart, 0 to 15, when danced as it stands
 */
public record Link(Verdict verdict, List<Condition> conditions, List<Adjustment> adjustments, int rotation) {
    /** The three answers. */
    public enum Verdict {
        YES,
        YES_IF,
        NO
    }

    public Link {
        conditions = List.copyOf(conditions);
        adjustments = List.copyOf(adjustments);
    }

    /** The conditions that fail, as charted. */
    public List<Condition> obstacles() {
        return conditions.stream().filter(condition -> !condition.holds()).toList();
    }
}
