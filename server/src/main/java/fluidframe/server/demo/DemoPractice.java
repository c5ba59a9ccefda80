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
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The practice of one couple of the demo studio, begun nine days ago, with a day that was missed. */
@Component
class DemoPractice {
    private static final String COUPLE = "ines-and-tobin";
    private static final String EVENT = "ostermere-plate-heats";
    private static final int BEGUN = 9;
    private static final int MISSED = 4;

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
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        EventTerms event = events.get(EVENT).value();
        Practice begun = new Practice(
                new Lesson.With("couple", COUPLE, couples.get(COUPLE).value().name()),
                new Practice.Aim(EVENT, event.name(), event.date().orElse(today)),
                new Minutes(
                        Map.of(
                                DayOfWeek.MONDAY, 45,
                                DayOfWeek.TUESDAY, 45,
                                DayOfWeek.WEDNESDAY, 60,
                                DayOfWeek.THURSDAY, 45,
                                DayOfWeek.FRIDAY, 60,
                                DayOfWeek.SATURDAY, 90,
                                DayOfWeek.SUNDAY, 60),
                        Map.of()),
                List.of(new Practice.Wanted("figure", "waltz.natural-spin-turn", "Natural Spin Turn", Emphasis.MORE)),
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
        practices.furnish(List.of(practices.traits().format().toJson(anew).toString()), Optional.empty());
    }
}
