package fluidframe.core.practice;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * What a plan asks of a body, said as usual advice and without any medical claim.
 *
 * @param advice one sentence each; none where there is nothing to say
 * @param weeks minutes by week
 */
public record Load(List<String> advice, List<Week> weeks) {
    /** From week to week no more than about a third. */
    private static final double JUMP = 4.0 / 3;

    /** What is too little to speak of, in minutes a week. */
    private static final int LITTLE = 60;

    private static final int WEEK = 7;

    public Load {
        advice = List.copyOf(advice);
        weeks = List.copyOf(weeks);
    }

    /** The minutes of a week. */
    public record Week(LocalDate monday, int minutes) {}

    /**
     * How one run of something loads.
     *
     * @param seconds that it takes, with what it takes to begin again
     */
    public record Demand(double seconds, Map<Strain, Integer> counts) {
        public static final Demand NOTHING = new Demand(1, Map.of());
    }

    /**
     * Reads a plan.
     *
     * @param days in order
     * @param demand of one run of what a part practises
     */
    public static Load of(List<PracticeDay> days, Function<Part, Demand> demand) {
        List<String> advice = new ArrayList<>();
        for (Strain strain : Strain.values()) {
            many(days, demand, strain).ifPresent(advice::add);
        }
        Map<LocalDate, Integer> weeks = new TreeMap<>();
        for (PracticeDay day : days) {
            weeks.merge(
                    day.date().with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)), day.minutes(), Integer::sum);
        }
        List<Week> byWeek = weeks.entrySet().stream()
                .map(week -> new Week(week.getKey(), week.getValue()))
                .toList();
        advice.addAll(jumps(days, byWeek));
        noRest(days).ifPresent(advice::add);
        return new Load(advice, byWeek);
    }

    /** About how many of a strain a day has: as many runs as its minutes hold. */
    private static Map<Strain, Double> counted(PracticeDay day, Function<Part, Demand> demand) {
        Map<Strain, Double> counted = new EnumMap<>(Strain.class);
        for (Part part : day.work()) {
            Demand one = demand.apply(part);
            double runs = part.minutes() * 60 / one.seconds();
            one.counts().forEach((strain, count) -> counted.merge(strain, runs * count, Double::sum));
        }
        return counted;
    }

    private static Optional<String> many(List<PracticeDay> days, Function<Part, Demand> demand, Strain strain) {
        int above = 0;
        double most = 0;
        LocalDate worst = null;
        for (PracticeDay day : days) {
            double count = counted(day, demand).getOrDefault(strain, 0.0);
            if (count < strain.many()) continue;
            above++;
            if (count <= most) continue;
            most = count;
            worst = day.date();
        }
        if (worst == null) return Optional.empty();
        return Optional.of("About " + Math.round(most / 10) * 10 + " " + strain.words() + " on " + worst
                + (above > 1 ? ", and many on " + (above - 1) + " other " + (above == 2 ? "day" : "days") : "")
                + ": walk some of the runs through, or share them out.");
    }

    /** Only whole weeks are compared: the first and the last may begin late or end early. */
    private static List<String> jumps(List<PracticeDay> days, List<Week> weeks) {
        List<String> jumps = new ArrayList<>();
        for (int i = 1; i < weeks.size(); i++) {
            Week before = weeks.get(i - 1);
            Week week = weeks.get(i);
            boolean whole = days.get(0).date().compareTo(before.monday()) <= 0;
            if (!whole || before.minutes() < LITTLE || week.minutes() <= before.minutes() * JUMP) continue;
            jumps.add("From " + before.minutes() + " to " + week.minutes() + " minutes in the week of " + week.monday()
                    + ", more than a third up: most bodies take it better in two steps.");
        }
        return jumps;
    }

    private static Optional<String> noRest(List<PracticeDay> days) {
        int running = 0;
        LocalDate last = null;
        for (PracticeDay day : days) {
            boolean next = last != null && last.plusDays(1).equals(day.date());
            running = day.work().isEmpty() ? 0 : next ? running + 1 : 1;
            last = day.date();
            if (running >= WEEK) {
                return Optional.of("No day of rest in the seven days until " + day.date() + ": leave one free.");
            }
        }
        return Optional.empty();
    }
}
