package fluidframe.core.rule;

import java.util.List;

/** One thing that must hold of a chart. */
public interface Rule {
    RuleId id();

    /** What must hold, in one sentence. */
    String statement();

    /** Known cases in which technique rightly does otherwise, which the rule leaves alone; may be empty. */
    default List<String> exceptions() {
        return List.of();
    }

    /** All the places where it does not hold, in chart order. */
    List<Finding> check(Sheet sheet);
}
