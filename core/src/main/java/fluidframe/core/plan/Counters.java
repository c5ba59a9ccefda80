package fluidframe.core.plan;

import java.util.Arrays;
import java.util.List;

/**
 * What has been danced of the figures that a plan counts, all in one number. A required figure has to be danced whole or as a
 * variant; a limit counts its parts as well.
 */
final class Counters {
    /** How many combinations of counts are told apart; the work grows with them. */
    private static final int MOST_STATES = 4096;

    private final int required;
    private final int[] bitOf;
    private final int[] mostOf;
    private final int[] stepOf;
    private final int size;

    Counters(List<String> figures, Plan plan) {
        List<String> wanted = plan.required().stream().distinct().toList();
        required = wanted.size();
        bitOf = new int[figures.size()];
        mostOf = new int[figures.size()];
        stepOf = new int[figures.size()];
        Arrays.fill(mostOf, -1);
        for (int bit = 0; bit < required; bit++) bitOf[indexOf(figures, wanted.get(bit))] = 1 << bit;
        long states = 1L << required;
        for (String figure : plan.atMost().keySet().stream().sorted().toList()) {
            int index = indexOf(figures, figure);
            mostOf[index] = plan.atMost().get(figure);
            stepOf[index] = Math.toIntExact(Math.min(states, MOST_STATES));
            states *= mostOf[index] + 1;
        }
        if (states > MOST_STATES) {
            throw new IllegalArgumentException("A plan must count at most " + MOST_STATES
                    + " combinations of required and limited figures: require or limit fewer");
        }
        size = Math.toIntExact(states);
    }

    private static int indexOf(List<String> figures, String figure) {
        int index = figures.indexOf(figure);
        if (index < 0) {
            throw new IllegalArgumentException("The dance has no figure \"" + figure + "\" that a couple can dance");
        }
        return index;
    }

    int size() {
        return size;
    }

    /** The state after one more figure, whole or in part; -1 if it has been danced as often as it may. */
    int after(int state, int figure, boolean whole) {
        int next = whole ? state | bitOf[figure] : state;
        if (mostOf[figure] < 0) return next;
        int danced = state / stepOf[figure] % (mostOf[figure] + 1);
        return danced < mostOf[figure] ? next + stepOf[figure] : -1;
    }

    /** Whether everything required has been danced. */
    boolean met(int state) {
        int all = (1 << required) - 1;
        return (state & all) == all;
    }
}
