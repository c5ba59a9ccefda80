package fluidframe.core.practice;

import fluidframe.core.lesson.Lesson;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The practice of a couple until an event: the time there is, what a coach wants beside what the log says, and the plan with what
 * has become of it.
 *
 * @param with the couple or group, with the name it had
 * @param gaveWay what the last plan does less often than the one before, one sentence each
 */
public record Practice(
        Lesson.With with,
        Aim aim,
        Minutes minutes,
        List<Wanted> wanted,
        List<PracticeDay> days,
        List<String> gaveWay,
        String note) {
    public Practice {
        wanted = wanted.stream().distinct().toList();
        days = List.copyOf(days);
        gaveWay = List.copyOf(gaveWay);
        Set<LocalDate> dates = new HashSet<>();
        for (PracticeDay day : days) {
            if (!dates.add(day.date())) throw new IllegalArgumentException("The plan has " + day.date() + " twice");
        }
    }

    /**
     * What it leads to.
     *
     * @param event id; blank for a day of which no event is kept
     * @param name of the event, as it was called
     * @param day of the event
     */
    public record Aim(String event, String name, LocalDate day) {
        public Aim {
            if (name.isBlank()) throw new IllegalArgumentException("Say for what is practised");
        }
    }

    /**
     * What the coach says of something: how much of it, or that it is practised at all.
     *
     * @param kind figure, routine or drill
     */
    public record Wanted(String kind, String id, String name, Emphasis emphasis) {
        private static final List<String> KINDS = List.of("figure", "routine", "drill");

        public Wanted {
            if (!KINDS.contains(kind)) {
                throw new IllegalArgumentException(
                        "A figure, a routine or a drill is practised, but this was a \"" + kind + "\"");
            }
        }
    }

    /** How much of something is wanted; empty if nothing was said. */
    public Optional<Emphasis> emphasis(String kind, String id) {
        return wanted.stream()
                .filter(one -> one.kind().equals(kind) && one.id().equals(id))
                .map(Wanted::emphasis)
                .findFirst();
    }

    /**
     * With one part of a day done or open again.
     *
     * @param nth which part of the day, from 0
     * @param key of what is practised in it, as {@link Part#key}
     * @throws IllegalArgumentException if the plan has not, or no longer, that part on that day
     */
    public Practice ticked(LocalDate date, int nth, String key, boolean done) {
        PracticeDay day = days.stream()
                .filter(one -> one.date().equals(date))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Nothing is planned on " + date));
        boolean isThere = nth >= 0
                && nth < day.parts().size()
                && day.parts().get(nth).purpose().isWork()
                && day.parts().get(nth).key().equals(key);
        if (!isThere) {
            throw new IllegalArgumentException(
                    "The plan of " + date + " has been changed meanwhile: look at it again, then tick");
        }
        List<PracticeDay> ticked = new ArrayList<>(days);
        ticked.set(days.indexOf(day), day.with(nth, done ? Part.State.DONE : Part.State.OPEN));
        return new Practice(with, aim, minutes, wanted, ticked, gaveWay, note);
    }

    /** With another plan. */
    public Practice planned(PracticePlan plan) {
        return new Practice(with, aim, minutes, wanted, plan.days(), plan.gaveWay(), note);
    }

    /** With a couple of another name. */
    public Practice with(Lesson.With other) {
        return new Practice(other, aim, minutes, wanted, days, gaveWay, note);
    }

    /** How many parts of work have become what, and of how many. */
    public int count(Part.State state) {
        return (int) parts().stream().filter(part -> part.state() == state).count();
    }

    public List<Part> parts() {
        List<Part> parts = new ArrayList<>();
        days.forEach(day -> parts.addAll(day.work()));
        return parts;
    }
}
