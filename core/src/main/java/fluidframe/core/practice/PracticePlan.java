package fluidframe.core.practice;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is practised on which day until an event. The score is the sum of what the sessions are worth ({@link Matter}); days are cut
 * into slots of equal length, since with equal slots the plan that is worth most can be found and proven quickly.
 *
 * @param days from the first that was ever planned to the last before the event
 * @param worth of the sessions from today on, in points
 * @param bound more than which no plan is worth
 * @param greedy what filling day after day with the best of the moment would be worth
 * @param gaveWay what is done less often than was planned before, or not at all; one sentence each
 * @param kept sessions that stayed on the day on which they were planned before
 * @param moved sessions that did not
 */
public record PracticePlan(
        List<PracticeDay> days, int worth, int bound, int greedy, List<String> gaveWay, int kept, int moved) {
    /** The longest that is planned at once, in days. */
    public static final int LONGEST = 120;

    /** What a session gains by staying on its day when it is planned anew, in points. */
    private static final int STAYS = 3;

    public static final int MOST_MATTERS = 40;

    public PracticePlan {
        days = List.copyOf(days);
        gaveWay = List.copyOf(gaveWay);
    }

    public boolean isProven() {
        return worth == bound;
    }

    /**
     * What is asked.
     *
     * @param today the first day that can still be planned
     * @param until the day of the event
     * @param before what was planned before, with what has been done of it
     */
    public record Wish(
            LocalDate today, LocalDate until, Minutes minutes, List<Matter> matters, List<PracticeDay> before) {
        public Wish {
            if (ChronoUnit.DAYS.between(today, until) > LONGEST) {
                throw new IllegalArgumentException(
                        "Practice is planned for " + LONGEST + " days at most, but the event is on " + until
                                + ": begin nearer to it, or plan until an earlier day");
            }
            long wanted = matters.stream()
                    .filter(matter -> matter.emphasis() != Emphasis.NONE)
                    .count();
            if (wanted > MOST_MATTERS) {
                throw new IllegalArgumentException("At most " + MOST_MATTERS
                        + " things are practised until an event, but there are " + wanted
                        + ": set those that can wait to none");
            }
            matters = List.copyOf(matters);
            before = List.copyOf(before);
        }
    }

    /** The best plan; the same for the same wish. */
    public static PracticePlan of(Wish wish) {
        return new Planning(wish).plan();
    }

    private static final class Planning {
        private final Wish wish;
        private final List<Matter> matters;
        private final Optional<PracticeDay> today;
        private final Set<String> closedToday;
        private final List<Timetable.Slot> table;
        private final List<Frame> frames;
        private final Map<LocalDate, Set<String>> planned = new HashMap<>();
        private final Map<String, LocalDate> begun = new HashMap<>();

        Planning(Wish wish) {
            this.wish = wish;
            today = wish.before().stream()
                    .filter(day -> day.date().equals(wish.today()))
                    .findFirst();
            closedToday = today.stream()
                    .flatMap(day -> day.work().stream())
                    .filter(part -> part.state() != Part.State.OPEN)
                    .map(Part::key)
                    .collect(Collectors.toSet());
            Map<String, LocalDate> last = new HashMap<>();
            for (PracticeDay day : wish.before()) {
                for (Part part : day.work()) {
                    if (part.state() == Part.State.DONE) {
                        last.merge(part.key(), day.date(), Planning::later);
                        begun.putIfAbsent(part.key(), day.date());
                    }
                    planned.computeIfAbsent(day.date(), date -> new HashSet<>()).add(part.key());
                }
            }
            matters = wish.matters().stream()
                    .filter(matter -> matter.emphasis() != Emphasis.NONE)
                    // What the log says of today may be a part of this plan being danced: only what is done there
                    // counts.
                    .map(matter -> matter.lastBefore(wish.today()))
                    .map(matter -> last.containsKey(matter.key()) ? matter.lastOn(last.get(matter.key())) : matter)
                    .toList();
            Set<LocalDate> danced = wish.before().stream()
                    .filter(PracticeDay::hasBeenDanced)
                    .map(PracticeDay::date)
                    .collect(Collectors.toSet());
            table = Timetable.of(wish.today(), wish.until(), wish.minutes(), danced::contains);
            frames = table.stream().map(day -> Frame.of(day.minutes())).toList();
        }

        private static LocalDate later(LocalDate one, LocalDate other) {
            return one.isAfter(other) ? one : other;
        }

        PracticePlan plan() {
            Task free = task(0);
            Optimum.Found found = Optimum.of(task(STAYS));
            int greedy = free.worth(Greedy.plan(free));
            int worth = free.worth(found.sessions());
            // Without anything to stay near to, the proof is of the score itself.
            int bound = planned.isEmpty() ? found.bound() : Optimum.of(free).bound();
            List<PracticeDay> days = new ArrayList<>();
            wish.before().stream()
                    .filter(day -> day.date().isBefore(wish.today()))
                    .map(PracticeDay::over)
                    .forEach(days::add);
            for (int i = 0; i < table.size(); i++) days.add(day(i, found.sessions()));
            // Where nothing is planned any more, what was done today is not lost.
            if (table.isEmpty() && !closedToday.isEmpty())
                days.add(today.orElseThrow().over());
            int stayed = stayed(found.sessions());
            int all = 0;
            for (boolean[] on : found.sessions()) for (boolean each : on) all += each ? 1 : 0;
            return new PracticePlan(
                    days,
                    worth,
                    bound,
                    greedy,
                    gaveWay(found.sessions()),
                    stayed,
                    planned.isEmpty() ? 0 : all - stayed);
        }

        private Task task(int staying) {
            int[] capacity = frames.stream().mapToInt(Frame::slots).toArray();
            if (capacity.length > 0) capacity[0] = Math.max(0, capacity[0] - closedToday.size());
            return new Task(
                    capacity,
                    matters.stream().map(matter -> job(matter, staying)).toList());
        }

        private Job job(Matter matter, int staying) {
            int ideal = Purpose.longest();
            int[][] worth = new int[table.size()][ideal + 1];
            for (int day = 0; day < table.size(); day++) {
                int daysLeft = daysLeft(table.get(day).date());
                boolean was =
                        planned.getOrDefault(table.get(day).date(), Set.of()).contains(matter.key());
                // Twice on one day is never worth it.
                worth[day][0] = -1;
                boolean closed = day == 0 && closedToday.contains(matter.key());
                for (int gap = 1; gap <= ideal; gap++) {
                    int points = matter.points(
                            gap, daysLeft, practised(matter, table.get(day).date()));
                    worth[day][gap] = closed ? -1 : points + (was && points > 0 ? staying : 0);
                }
            }
            int since = matter.last()
                    .map(last -> (int) Math.min(ideal, Math.max(0, ChronoUnit.DAYS.between(last, wish.today()))))
                    .orElse(ideal);
            return new Job(ideal, since, worth);
        }

        /** Days from the first on which it was practised, else from today, to a day. */
        private int practised(Matter matter, LocalDate day) {
            LocalDate first = begun.getOrDefault(matter.key(), wish.today());
            return (int) ChronoUnit.DAYS.between(first, day);
        }

        private int daysLeft(LocalDate day) {
            return (int) ChronoUnit.DAYS.between(day, wish.until());
        }

        private int stayed(boolean[][] sessions) {
            int stayed = 0;
            for (int i = 0; i < matters.size(); i++) {
                for (int day = 0; day < table.size(); day++) {
                    if (sessions[i][day]
                            && planned.getOrDefault(table.get(day).date(), Set.of())
                                    .contains(matters.get(i).key())) stayed++;
                }
            }
            return stayed;
        }

        private PracticeDay day(int index, boolean[][] sessions) {
            Timetable.Slot slot = table.get(index);
            List<Part> work = new ArrayList<>();
            if (index == 0) {
                today.ifPresent(day -> day.work().stream()
                        .filter(part -> part.state() != Part.State.OPEN)
                        .forEach(work::add));
            }
            int closed = work.size();
            for (int i = 0; i < matters.size(); i++) {
                if (sessions[i][index]) work.add(part(i, index, sessions[i]));
            }
            work.subList(closed, work.size()).sort(Comparator.comparing(Part::purpose));
            Frame frame = frames.get(index);
            if (frame.slots() == 0 && work.isEmpty()) {
                boolean unsaid = slot.why().isBlank() && slot.minutes() > 0;
                return new PracticeDay(slot.date(), List.of(), unsaid ? "too short to practise in" : slot.why());
            }
            return new PracticeDay(slot.date(), frame.around(work), slot.why());
        }

        private Part part(int which, int index, boolean[] on) {
            Matter matter = matters.get(which);
            LocalDate date = table.get(index).date();
            Purpose then = matter.by(daysLeft(date), practised(matter, date));
            Optional<LocalDate> last = matter.last();
            int rung = 0;
            int rungs = 0;
            for (int day = 0; day < on.length; day++) {
                if (!on[day]) continue;
                LocalDate one = table.get(day).date();
                boolean climbs =
                        matter.by(daysLeft(one), practised(matter, one)).climbs();
                if (climbs) rungs++;
                if (day >= index) continue;
                if (climbs) rung++;
                last = Optional.of(one);
            }
            int gap = last.map(day -> (int) ChronoUnit.DAYS.between(day, date)).orElse(Integer.MAX_VALUE);
            Rungs ladder = Rungs.of(matter, then, rung, rungs);
            return new Part(
                    then,
                    matter.kind(),
                    matter.id(),
                    matter.name(),
                    matter.row(),
                    matter.role(),
                    frames.get(index).slot(),
                    ladder.from(),
                    ladder.to(),
                    matter.points(gap, daysLeft(date), practised(matter, date)),
                    matter.why() + "; " + since(gap),
                    Part.State.OPEN);
        }

        private static String since(int gap) {
            if (gap == Integer.MAX_VALUE) return "for the first time";
            return gap == 1 ? "again after a day" : "again after " + gap + " days";
        }

        /** What comes less often than it was to from the first day missed on, and what never comes. */
        private List<String> gaveWay(boolean[][] sessions) {
            List<String> gaveWay = new ArrayList<>();
            for (int i = 0; i < matters.size(); i++) {
                Matter matter = matters.get(i);
                int now = 0;
                for (boolean on : sessions[i]) if (on) now++;
                int missed = 0;
                int then = 0;
                for (PracticeDay day : wish.before()) {
                    for (Part part : day.work()) {
                        if (!part.key().equals(matter.key()) || part.state() == Part.State.DONE) continue;
                        // What was missed before has been told of when it was.
                        if (day.date().isBefore(wish.today())) missed += part.state() == Part.State.OPEN ? 1 : 0;
                        else then++;
                    }
                }
                int fewer = then + (then > 0 ? missed : 0) - now;
                if (fewer > 0) {
                    gaveWay.add(matter.name() + ": " + fewer + " fewer than planned, " + times(now) + " from today on");
                } else if (now == 0 && !closedToday.contains(matter.key())) {
                    gaveWay.add(matter.name() + ": no time for it, the rest is needed more");
                }
            }
            return gaveWay;
        }

        private static String times(int count) {
            return count == 0 ? "not once" : count == 1 ? "once" : count + " times";
        }
    }
}
