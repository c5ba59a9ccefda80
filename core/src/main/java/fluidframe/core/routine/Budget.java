package fluidframe.core.routine;

import fluidframe.core.count.Beats;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a routine is made of, counted.
 *
 * @param figures how often each figure is danced, whole or in part, in order of appearance, by id
 * @param phrases how many phrases begin within the routine
 * @param phraseHits with how many of them something begins
 * @param missed the phrases, from 1, whose beginning falls within a figure
 * @param turnRight sixteenths the man turns to the right
 * @param turnLeft sixteenths he turns to the left, as a positive number
 */
public record Budget(
        Map<String, Integer> figures, int phrases, int phraseHits, List<Integer> missed, int turnRight, int turnLeft) {
    /**
     * Counts a routine.
     *
     * @param phraseBars how many bars a phrase of the music has, 1 or more
     */
    public static Budget of(RoutineWork work, int phraseBars) {
        Map<String, Integer> figures = new LinkedHashMap<>();
        for (Block block : work.blocks()) {
            block.figure().ifPresent(danced -> figures.merge(danced.figure().id(), 1, Integer::sum));
        }
        Beats phrase = work.dance().bar().times(phraseBars);
        List<Integer> missed = new ArrayList<>();
        int phrases = 0;
        if (!work.blocks().isEmpty()) {
            Block first = work.blocks().get(0);
            Beats end = first.start().plus(work.length());
            Beats at = work.dance()
                    .bar()
                    .times(first.start().dividedBy(work.dance().bar()));
            for (; at.compareTo(end) < 0; at = at.plus(phrase)) {
                phrases++;
                if (work.blockAtBar(at).isEmpty()) missed.add(phrases);
            }
        }
        return new Budget(figures, phrases, phrases - missed.size(), missed, work.turned(1), -work.turned(-1));
    }
}
