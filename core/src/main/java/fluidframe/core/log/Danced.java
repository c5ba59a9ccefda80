package fluidframe.core.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A run with everything seen in it.
 *
 * @param at when the first of it was seen
 * @param faults in the order in which they were seen; none for a clean run
 * @param sorts of the faults
 */
public record Danced(Instant at, Entry.Subject subject, Entry.Run run, List<Entry.Fault> faults, Set<Sort> sorts) {
    public Danced {
        faults = List.copyOf(faults);
        sorts = Set.copyOf(sorts);
    }

    public Danced(Instant at, Entry.Subject subject, Entry.Run run, List<Entry.Fault> faults) {
        this(at, subject, run, faults, faults.stream().map(Entry.Fault::sort).collect(Collectors.toSet()));
    }

    /** Gathers what belongs to one run; the earliest run first. */
    public static List<Danced> of(List<Logged> log) {
        Map<String, List<Logged>> runs = new LinkedHashMap<>();
        for (Logged each : log) {
            runs.computeIfAbsent(each.entry().run().key(), key -> new ArrayList<>())
                    .add(each);
        }
        return runs.values().stream()
                .map(Danced::one)
                .sorted(Comparator.comparing(Danced::at))
                .toList();
    }

    private static Danced one(List<Logged> seen) {
        Logged first = seen.stream().min(Comparator.comparing(Logged::at)).orElseThrow();
        List<Entry.Fault> faults = seen.stream()
                .sorted(Comparator.comparing(Logged::at))
                .map(logged -> logged.entry().fault())
                .flatMap(Optional::stream)
                .toList();
        return new Danced(first.at(), first.entry().subject(), first.entry().run(), faults);
    }

    public boolean isClean() {
        return faults.isEmpty();
    }

    /** As a run of one figure that was danced in it: only what was seen of that figure counts. */
    public Danced of(Entry.Subject figure) {
        return new Danced(
                at,
                figure,
                run,
                faults.stream()
                        .filter(fault -> fault.figure().equals(figure.id()))
                        .toList());
    }

    public boolean shows(Sort sort) {
        return sorts.contains(sort);
    }

    /** How many of these were clean. */
    public static Rate clean(List<Danced> runs) {
        return new Rate((int) runs.stream().filter(Danced::isClean).count(), runs.size());
    }
}
