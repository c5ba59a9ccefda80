package fluidframe.server.record;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.log.Course;
import fluidframe.core.log.Standing;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * How a couple or group dances, from its log of the last year.
 *
 * @param kind couple or group
 * @param entries how many entries its log has in all
 * @param runs in the last year
 * @param subjects what was danced, the latest first
 * @param faults those seen in most runs first
 */
record RecordView(
        String kind, String name, long entries, int runs, List<SubjectView> subjects, List<FaultView> faults) {
    /**
     * A figure or routine as it is danced.
     *
     * @param lately the clean ones of the last few runs
     * @param fastestClean bars a minute
     * @param wanted the tempo that is wanted, in bars a minute
     * @param trend how the tempo danced clean goes
     * @param clean whether it is danced clean beyond chance
     * @param otherSide runs to the side that the chart does not show
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record SubjectView(
            String kind,
            String id,
            String name,
            int runs,
            RateView lately,
            Optional<Double> fastestClean,
            Optional<Double> wanted,
            Optional<TrendView> trend,
            List<CleanRunView> cleanRuns,
            int both,
            int man,
            int lady,
            RateView otherSide,
            boolean clean,
            Instant last) {
        private static final int MOST_RUNS = 60;

        static SubjectView of(Standing standing, Optional<Double> wanted) {
            List<Standing.CleanRun> runs = standing.cleanRuns();
            return new SubjectView(
                    standing.subject().kind(),
                    standing.subject().id(),
                    standing.subject().name(),
                    standing.runs(),
                    RateView.of(standing.lately()),
                    standing.fastestClean().isPresent()
                            ? Optional.of(standing.fastestClean().getAsDouble())
                            : Optional.empty(),
                    wanted,
                    standing.tempo()
                            .map(trend -> new TrendView(
                                    RateView.rounded(trend.slope()),
                                    RateView.rounded(trend.low()),
                                    RateView.rounded(trend.high()),
                                    trend.isSure())),
                    runs.subList(Math.max(0, runs.size() - MOST_RUNS), runs.size()).stream()
                            .map(run -> new CleanRunView(run.at(), run.tempo()))
                            .toList(),
                    standing.parts().both(),
                    standing.parts().man(),
                    standing.parts().lady(),
                    RateView.of(standing.otherSide()),
                    standing.isClean(),
                    standing.last());
        }
    }

    /** A clean run; bars a minute. */
    record CleanRunView(Instant at, double tempo) {}

    /** Bars a minute gained a week, with the range that is likely; {@code sure} if that leaves no doubt of the direction. */
    record TrendView(double slope, double low, double high, boolean sure) {}

    /**
     * The course of a fault.
     *
     * @param change from the earlier half of the runs to the later
     * @param helped the cue after which it became rarer, if that is more than chance
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record FaultView(
            String figure,
            String figureName,
            String role,
            int row,
            String seen,
            String cause,
            String cue,
            RateView rate,
            List<WeekView> weeks,
            RateView.ChangeView change,
            Optional<CueView> helped,
            List<CueView> cues) {
        static FaultView of(Course course) {
            return new FaultView(
                    course.sort().figure(),
                    course.last().figureName(),
                    course.sort().role().toString(),
                    course.sort().row(),
                    course.last().seen(),
                    course.last().cause(),
                    course.last().cue(),
                    RateView.of(course.all()),
                    course.weeks().stream()
                            .map(week -> new WeekView(week.monday().toString(), RateView.of(week.rate())))
                            .toList(),
                    RateView.ChangeView.of(course.change()),
                    course.helped().map(CueView::of),
                    course.cues().stream().map(CueView::of).toList());
        }
    }

    /** A week by its Monday. */
    record WeekView(String monday, RateView rate) {}

    /** A cue and the fault before and after it; {@code betterNextTime} is left out if it was not danced since. */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record CueView(String cue, String since, RateView.ChangeView change, Optional<Boolean> betterNextTime) {
        static CueView of(Course.CueTold told) {
            return new CueView(
                    told.cue(), told.since().toString(), RateView.ChangeView.of(told.change()), told.betterNextTime());
        }
    }
}
