package fluidframe.bench.hearing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * Prints how much of every dance in every manner is heard, beside another program that hears beats, over the same files. That one is
 * not told the dance, so a tempo twice or half as quick is a fault of what it was told rather than of its ear; and its beats may all be
 * moved by as much as suits it best.
 */
public final class HearingTable {
    private static final String ROW =
            "%-8s of %3d: beats %5.1f %% (%4.1f %% too many, %4.1f ms off), tempo %5.1f %%, ones %5.1f %%, borders %5.1f %%, dance among three %5.1f %%%s%n";

    private final Map<String, List<Trial.Told>> own = new LinkedHashMap<>();
    private final Map<String, List<Trial.Beats>> others = new LinkedHashMap<>();

    private HearingTable() {}

    /** Without arguments all; otherwise those whose dance or manner is named. */
    public static void main(String[] args) {
        List<String> wanted = List.of(args);
        HearingTable table = new HearingTable();
        for (Trial trial : Trial.all()) {
            boolean named = wanted.contains(trial.dance().name())
                    || wanted.contains(trial.manner())
                    || wanted.contains(trial.row());
            if (wanted.isEmpty() || named) table.hear(trial);
        }
        table.print();
    }

    private void hear(Trial trial) {
        HouseRecording played = trial.played();
        Trial.Told told = trial.told(played);
        Optional<Trial.Beats> other =
                OtherTracker.beats(played.recording()).map(beats -> trial.beatsMoved(played, beats));
        own.computeIfAbsent(trial.row(), row -> new ArrayList<>()).add(told);
        other.ifPresent(beats ->
                others.computeIfAbsent(trial.row(), row -> new ArrayList<>()).add(beats));
        boolean behind = other.isPresent() && other.get().met() > told.beats();
        if (told.beats() < 0.95 || !told.tempo() || !told.one() || told.borders() < 1 || !told.dance() || behind) {
            System.out.println(trial + " " + told
                    + other.map(beats -> ", the other " + beats).orElse(""));
        }
    }

    private void print() {
        List<Trial.Told> every = new ArrayList<>();
        List<Trial.Beats> everyOther = new ArrayList<>();
        own.forEach((row, told) -> {
            every.addAll(told);
            everyOther.addAll(others.getOrDefault(row, List.of()));
            print(row, told, others.getOrDefault(row, List.of()));
        });
        print("all", every, everyOther);
    }

    private static void print(String row, List<Trial.Told> told, List<Trial.Beats> other) {
        System.out.printf(
                ROW,
                row,
                told.size(),
                share(told, Trial.Told::beats),
                share(told, Trial.Told::extra),
                share(told, Trial.Told::off) / 100,
                share(told, each -> each.tempo() ? 1 : 0),
                share(told, each -> each.one() ? 1 : 0),
                share(told, Trial.Told::borders),
                share(told, each -> each.dance() ? 1 : 0),
                other.isEmpty()
                        ? "; the other is not installed"
                        : String.format(
                                "; the other: beats %5.1f %% (%4.1f %% too many), tempo %5.1f %%",
                                share(other, Trial.Beats::met),
                                share(other, Trial.Beats::extra),
                                share(other, each -> each.tempo() ? 1 : 0)));
    }

    private static <T> double share(List<T> all, ToDoubleFunction<T> of) {
        return 100 * all.stream().mapToDouble(of).average().orElseThrow();
    }
}
