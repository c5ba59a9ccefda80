package fluidframe.core.log;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * How a couple dances one figure or routine.
 *
 * @param runs all of them
 * @param lately the clean ones of the last few
 * @param fastestClean bars a minute
 * @param tempo how the tempo danced clean goes, in bars a minute a week
 * @param cleanRuns when and how fast, the earliest first
 * @param parts how many were danced by both, by the man alone and by the lady alone
 * @param otherSide of the runs, those to the side that the chart does not show
 * @param last when it was danced last
 */
public record Standing(
        Entry.Subject subject,
        int runs,
        Rate lately,
        OptionalDouble fastestClean,
        Optional<Trend> tempo,
        List<CleanRun> cleanRuns,
        Parts parts,
        Rate otherSide,
        Instant last) {
    /** How many runs tell how it is danced now. */
    public static final int LATELY = 8;

    private static final double WEEK = Duration.ofDays(7).toSeconds();

    public Standing {
        cleanRuns = List.copyOf(cleanRuns);
    }

    /** A clean run; the tempo in bars a minute. */
    public record CleanRun(Instant at, double tempo) {}

    /** How many runs both danced, and either alone. */
    public record Parts(int both, int man, int lady) {}

    /** @param runs of one subject, the earliest first; at least one */
    public static Standing of(List<Danced> runs) {
        Danced last = runs.get(runs.size() - 1);
        List<CleanRun> clean = runs.stream()
                .filter(run -> run.isClean() && run.run().tempo().isPresent())
                .map(run -> new CleanRun(run.at(), run.run().tempo().getAsDouble()))
                .toList();
        Optional<Trend> tempo = Trend.of(clean.stream()
                .map(run -> new Trend.Point(run.at().getEpochSecond() / WEEK, run.tempo()))
                .toList());
        return new Standing(
                last.subject(),
                runs.size(),
                Danced.clean(runs.subList(Math.max(0, runs.size() - LATELY), runs.size())),
                clean.stream().mapToDouble(CleanRun::tempo).max(),
                tempo,
                clean,
                new Parts(danced(runs, Entry.Part.BOTH), danced(runs, Entry.Part.MAN), danced(runs, Entry.Part.LADY)),
                new Rate(
                        (int) runs.stream().filter(run -> run.run().otherSide()).count(), runs.size()),
                last.at());
    }

    private static int danced(List<Danced> runs, Entry.Part part) {
        return (int) runs.stream().filter(run -> run.run().part() == part).count();
    }

    /** One for every figure and routine danced, the latest first. */
    public static List<Standing> all(List<Danced> runs) {
        return runs.stream()
                .collect(Collectors.groupingBy(
                        run -> List.of(run.subject().kind(), run.subject().id())))
                .values()
                .stream()
                .map(Standing::of)
                .sorted(Comparator.comparing(Standing::last).reversed())
                .toList();
    }

    /** Whether it is danced clean, more often than not, beyond what chance would make of the last few runs. */
    public boolean isClean() {
        return lately.low() > 1.0 / 2;
    }
}
