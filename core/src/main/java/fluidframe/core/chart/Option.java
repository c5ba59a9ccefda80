package fluidframe.core.chart;

import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.List;

/**
 * Another school's or style's way of some cells, to be switched on by the reader.
 *
 * @param id unique within the figure
 * @param name in a few words
 * @param says what the choice changes, in one sentence
 * @param choice what is chosen between; of several options of one choice only one is danced, blank for one by itself
 * @param edits the cells that differ
 */
public record Option(String id, String name, String says, String choice, List<Edit> edits) {
    /** One cell that differs; the step counts from 1, the text is the column's short form. */
    public record Edit(Role role, int step, Column column, String text) {}

    public Option {
        if (name.isBlank()) throw new IllegalArgumentException("An option must have a name");
        edits = List.copyOf(edits);
    }

    /** Whether only one of them can be danced: both are of one choice, or say something of one cell. */
    public boolean excludes(Option other) {
        return !id.equals(other.id)
                && (!choice.isBlank() && choice.equals(other.choice)
                        || edits.stream()
                                .anyMatch(mine -> other.edits.stream()
                                        .anyMatch(theirs -> mine.role() == theirs.role()
                                                && mine.step() == theirs.step()
                                                && mine.column() == theirs.column())));
    }

    /** The rows of a role as danced with this option; refuses an edit of a row that is not there. */
    List<Step> of(Role role, List<Step> steps) {
        List<Step> edited = new ArrayList<>(steps);
        for (Edit edit : edits) {
            if (edit.role() != role) continue;
            if (edit.step() < 1 || edit.step() > steps.size()) {
                throw new IllegalArgumentException("Option " + id + " changes the " + role + "'s step " + edit.step()
                        + ", but there are " + steps.size());
            }
            Step step = edited.get(edit.step() - 1);
            edited.set(
                    edit.step() - 1,
                    step.draft().set(edit.column(), edit.text()).step());
        }
        return edited;
    }
}
