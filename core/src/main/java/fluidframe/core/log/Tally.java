package fluidframe.core.log;

import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * What was seen of one figure or routine, added up.
 *
 * @param runs those of which anything was logged
 * @param clean runs called clean in which no fault was seen
 * @param fastestClean bars a minute
 * @param faults those seen most often first
 */
public record Tally(int runs, int clean, OptionalDouble fastestClean, List<Often> faults) {
    public Tally {
        faults = List.copyOf(faults);
    }

    /** How often the same fault was seen at the same step, and the cue given last. */
    public record Often(String figure, String figureName, Role role, int row, String seen, String cue, int times) {}

    /** Adds up entries in the order in which they were made. */
    public static Tally of(List<Entry> entries) {
        Map<Sort, Often> faults = new LinkedHashMap<>();
        for (Entry entry : entries) {
            entry.fault().ifPresent(fault -> {
                faults.merge(fault.sort(), once(fault), Tally::more);
            });
        }
        List<Often> often = new ArrayList<>(faults.values());
        often.sort(Comparator.comparing(Often::times).reversed().thenComparing(Often::row));
        Map<String, List<Entry>> runs = entries.stream()
                .collect(Collectors.groupingBy(entry -> entry.run().key()));
        List<Entry> clean = runs.values().stream()
                .filter(run -> run.stream().allMatch(entry -> entry.fault().isEmpty()))
                .map(run -> run.get(0))
                .toList();
        return new Tally(
                runs.size(),
                clean.size(),
                clean.stream()
                        .flatMapToDouble(entry -> entry.run().tempo().stream())
                        .max(),
                often);
    }

    private static Often once(Entry.Fault fault) {
        return new Often(
                fault.figure(),
                fault.figureName(),
                fault.role(),
                fault.row(),
                fault.seen().strip(),
                fault.cue(),
                1);
    }

    private static Often more(Often before, Often last) {
        String cue = last.cue().isBlank() ? before.cue() : last.cue();
        return new Often(
                last.figure(), last.figureName(), last.role(), last.row(), before.seen(), cue, before.times() + 1);
    }
}
