package fluidframe.core.link;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Ending;
import fluidframe.core.chart.Start;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.count.Rhythm;
import fluidframe.core.couple.Role;
import fluidframe.core.step.Placement;
import java.util.List;

/**
 * How near the partners of a Latin dance are when one figure is left and how near they have to be for the next. From facing
 * each other a little of that is changed in any last step; half a metre is not, unless that step goes aside and lasts.
 */
final class Nearness {
    /** What two dancers can come together or part in one step of usual size, both together, in metres. */
    private static final double ONE_STEP_METRES = 0.3;
    /** Two beats in which a chasse or a side step can be danced half a metre nearer or wider, in seconds. */
    private static final double LEAST_SECONDS = 0.9;

    private static final Beats LAST_BEATS = Beats.of(2);

    private Nearness() {}

    /** Whether the couple, facing, comes to the position and hold of the next figure on the way. */
    static boolean reaches(Arrival arrival, Chart next) {
        return changes(arrival, next)
                && Math.abs(arrival.position().distance(arrival.hold()) - wanted(next.start())) <= ONE_STEP_METRES;
    }

    /** How the figure before would have to end so that the next can begin; as charted if that would not help. */
    static Ending ending(Arrival arrival, Chart next) {
        if (!arrival.endsAside() || !changes(arrival, next) || reaches(arrival, next)) return Ending.AS_CHARTED;
        for (Ending ending : new Ending[] {Ending.NEARER, Ending.WIDER}) {
            if (reaches(arrival.ended(ending), next)) return ending;
        }
        return Ending.AS_CHARTED;
    }

    private static double wanted(Start start) {
        return start.position().distance(start.hold());
    }

    private static boolean changes(Arrival arrival, Chart next) {
        return next.dance().family() == Dance.Family.LATIN
                && arrival.position().isFaceToFace()
                && next.start().position().isFaceToFace()
                && arrival.hold().canBecome(next.start().hold());
    }

    /** Whether both end on a side step or chasse that lasts long enough to be danced nearer or wider. */
    static boolean endsAside(Chart chart) {
        Dance dance = chart.dance();
        double perBeat = 120.0 / (dance.slowestBarsPerMinute() + dance.fastestBarsPerMinute()) / dance.beatsPerBar();
        if (dance.family() != Dance.Family.LATIN || LAST_BEATS.toDouble() * perBeat < LEAST_SECONDS) return false;
        for (Role role : Role.values()) {
            Rhythm rhythm = chart.rhythm(role);
            List<Step> steps = chart.steps(role);
            Beats from = chart.length().compareTo(LAST_BEATS) < 0
                    ? Beats.ZERO
                    : chart.length().minus(LAST_BEATS);
            for (int i = 0; i < steps.size(); i++) {
                if (rhythm.onset(i).compareTo(from) >= 0 && !goesAside(steps.get(i))) return false;
            }
        }
        return true;
    }

    private static boolean goesAside(Step step) {
        return step.placement().kind().isAside() || step.placement().kind() == Placement.Kind.CLOSE;
    }
}
