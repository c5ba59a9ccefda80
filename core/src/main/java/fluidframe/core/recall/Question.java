package fluidframe.core.recall;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import java.util.List;

/**
 * A question whose answer stands in a chart.
 *
 * @param id by which it is known again, as long as its figure has the row
 * @param figure id of the figure
 * @param role whose part it is about
 * @param row from 1; 0 where it is about the figure as a whole
 * @param given what the one who answers may know: the row as it is called without the answer, or how the figure begins
 * @param answer as the chart has it
 * @param choices four or fewer to pick from, the answer among them, in an order that says nothing
 */
public record Question(
        String id,
        String figure,
        String name,
        Dance dance,
        Role role,
        int row,
        Ask ask,
        String given,
        String answer,
        List<String> choices) {
    public Question {
        choices = List.copyOf(choices);
    }
}
