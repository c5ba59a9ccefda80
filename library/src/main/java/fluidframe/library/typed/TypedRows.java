package fluidframe.library.typed;

import fluidframe.core.chart.Step;
import fluidframe.core.couple.Role;
import fluidframe.library.text.Problem;
import java.util.List;

/**
 * Rows read from what somebody typed or pasted.
 *
 * @param man the man's rows that could be read
 * @param lady the lady's rows that could be read
 * @param problems what could not be read, with line and column; the rows with problems are left out
 */
public record TypedRows(List<Step> man, List<Step> lady, List<Problem> problems) {
    public TypedRows {
        man = List.copyOf(man);
        lady = List.copyOf(lady);
        problems = List.copyOf(problems);
    }

    public List<Step> of(Role role) {
        return role == Role.MAN ? man : lady;
    }
}
