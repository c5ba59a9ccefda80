package fluidframe.server.demo;

import fluidframe.core.event.EventTerms;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.people.Couple;
import fluidframe.core.practice.Emphasis;
import fluidframe.core.practice.Minutes;
import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticeDay;
import fluidframe.server.event.EventView;
import fluidframe.server.people.PeopleView;
import fluidframe.server.practice.PracticeView;
import fluidframe.server.record.PracticePlanner;
import fluidframe.server.store.Documents;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The practice of two couples of the demo studio, begun nine days ago, with a day that was missed. */
@Component
class DemoPractice {
    private static final int BEGUN = 9;
    private static final int MISSED = 4;
    /** Of today and the six days after it. */
    private static final int[] MINUTES = {60, 90, 60, 45, 45, 60, 45};

    private final Documents<Practice, PracticeView.PracticeSummary> practices;
    private final Documents<Couple, PeopleView.CoupleSummary> couples;
    private final Documents<EventTerms, EventView.EventSummary> events;
    private final PracticePlanner planner;
    private final Clock clock;

    DemoPractice(
            Documents<Practice, PracticeView.PracticeSummary> practices,
            Documents<Couple, PeopleView.CoupleSummary> couples,
            Documents<EventTerms, EventView.EventSummary> events,
            PracticePlanner planner,
            Clock clock) {
        this.practices = practices;
        this.couples = couples;
        this.events = events;
        this.planner = planner;
        this.clock = clock;
    }

    void furnish() {
        practices.furnish(
                List.of(
                        practised(
                                "ines-and-tobin",
                                "ostermere-plate-heats",
                                new Practice.Wanted(
                                        "figure", "waltz.natural-spin-turn", "Natural Spin Turn", Emphasis.MORE)),
                        practised(
                                "mirela-and-joost",
                                "quayside-open-heats",
                                new Practice.Wanted("routine", "open-samba", "Open, samba", Emphasis.MORE))),
                Optional.empty());
    }

    /** Counted from today, so that what the missed day costs is the same on every day of the week. */
    private static Map<DayOfWeek, Integer> week(DayOfWeek today) {
        Map<DayOfWeek, Integer> week = new EnumMap<>(DayOfWeek.class);
        for (int day = 0; day < MINUTES.length; day++) week.put(today.plus(day), MINUTES[day]);
        return week;
    }

    private String practised(String couple, String aim, Practice.Wanted wanted) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        EventTerms event = events.get(aim).value();
        Practice begun = new Practice(
                new Lesson.With("couple", couple, couples.get(couple).value().name()),
                new Practice.Aim(aim, event.name(), event.date().orElse(today)),
                new Minutes(week(today.getDayOfWeek()), Map.of()),
                List.of(wanted),
                List.of(),
                List.of(),
                "");
        Practice planned = planner.plan(begun, today.minusDays(BEGUN)).practice();
        List<PracticeDay> days = new ArrayList<>();
        for (PracticeDay day : planned.days()) {
            boolean done = day.date().isBefore(today) && !day.date().equals(today.minusDays(MISSED));
            days.add(done ? day.as(Part.State.DONE) : day);
        }
        Practice practised =
                new Practice(planned.with(), planned.aim(), planned.minutes(), planned.wanted(), days, List.of(), "");
        Practice anew = planner.plan(practised, today).practice();
        return practices.traits().format().toJson(anew).toString();
    }
}
