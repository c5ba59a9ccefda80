package fluidframe.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class PracticePlanTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
    private static final LocalDate EVENT = MONDAY.plusDays(19);

    private static final Matter NEW = matter("figure", "hover", Purpose.NEW, 8);
    private static final Matter WEAK = matter("figure", "spin", Purpose.WEAK, 7);
    private static final Matter OTHER = matter("figure", "weave", Purpose.WEAK, 5);
    private static final Matter KEEP = matter("figure", "whisk", Purpose.KEEP, 2);
    private static final Matter RUN = matter("routine", "waltz", Purpose.RUN, 6);
    private static final List<Matter> ALL = List.of(NEW, WEAK, OTHER, KEEP, RUN);

    private static Matter matter(String kind, String id, Purpose purpose, int need) {
        return new Matter(
                kind,
                id,
                id,
                0,
                "",
                purpose,
                need,
                Emphasis.USUAL,
                OptionalDouble.of(24),
                OptionalDouble.of(29),
                Optional.empty(),
                "because");
    }

    private static Minutes daily(int minutes) {
        Map<DayOfWeek, Integer> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) week.put(day, minutes);
        return new Minutes(week, Map.of());
    }

    private static PracticePlan plan(Minutes minutes, List<Matter> matters) {
        return PracticePlan.of(new PracticePlan.Wish(MONDAY, EVENT, minutes, matters, List.of()));
    }

    private static PracticePlan again(LocalDate today, PracticePlan before) {
        return PracticePlan.of(new PracticePlan.Wish(today, EVENT, daily(30), ALL, before.days()));
    }

    @Test
    void everyMinuteGivenHasItsPlaceAndItsReason() {
        for (int minutes : new int[] {0, 4, 5, 14, 15, 30, 37, 60, 61, 90, 125, 480}) {
            for (PracticeDay day : plan(daily(minutes), ALL).days()) {
                assertThat(day.minutes()).isIn(0, minutes, (minutes + 1) / 2);
                if (day.minutes() != minutes) assertThat(day.why()).isNotBlank();
                assertThat(day.parts())
                        .allSatisfy(part -> assertThat(part.why()).isNotBlank());
            }
        }
    }

    @Test
    void oneDayOfSevenIsFreeAndTheDayBeforeIsShort() {
        List<PracticeDay> days = plan(daily(60), ALL).days();
        assertThat(days).hasSize(19);
        for (int i = 0; i + 7 <= days.size(); i++) {
            assertThat(days.subList(i, i + 7)).anyMatch(day -> day.parts().isEmpty());
        }
        assertThat(days.stream().filter(day -> day.parts().isEmpty()))
                .allSatisfy(day -> assertThat(day.why()).contains("rest"));
        assertThat(days.get(18).minutes()).isEqualTo(30);
    }

    @Test
    void theFreeDayIsTheShortestOfItsWeek() {
        Minutes minutes = new Minutes(daily(60).week(), Map.of(MONDAY.plusDays(3), 20));
        assertThat(plan(minutes, ALL).days().get(3).parts()).isEmpty();
        assertThat(plan(minutes, ALL).days().get(6).parts()).isNotEmpty();
    }

    @Test
    void nothingNewInTheLastWeekAndNothingChangedInTheLastDays() {
        for (PracticeDay day : plan(daily(120), ALL).days()) {
            int left = (int) (EVENT.toEpochDay() - day.date().toEpochDay());
            Set<Purpose> purposes = day.work().stream().map(Part::purpose).collect(Collectors.toSet());
            if (left <= 7) assertThat(purposes).doesNotContain(Purpose.NEW);
            if (left <= 3) assertThat(purposes).doesNotContain(Purpose.WEAK);
        }
    }

    @Test
    void aLadderGoesFromWhatIsCleanToWhatIsWantedAndARunThroughHasTheTempoOfTheEvent() {
        List<Part> work = plan(daily(60), List.of(WEAK, RUN)).days().stream()
                .flatMap(day -> day.work().stream())
                .toList();
        List<Part> ladders =
                work.stream().filter(part -> part.key().equals(WEAK.key())).toList();
        assertThat(ladders.get(0).from()).hasValue(24);
        assertThat(ladders.get(ladders.size() - 1).to()).hasValue(29);
        for (int i = 1; i < ladders.size(); i++) {
            assertThat(ladders.get(i).from().getAsDouble())
                    .isEqualTo(ladders.get(i - 1).to().getAsDouble());
        }
        assertThat(work.stream().filter(part -> part.purpose() == Purpose.RUN))
                .isNotEmpty()
                .allSatisfy(part -> assertThat(part.from()).hasValue(29));
    }

    @Test
    void itIsProvenAndTheSameForTheSameWish() {
        PracticePlan one = plan(daily(45), ALL);
        assertThat(one.isProven()).isTrue();
        assertThat(one).isEqualTo(plan(daily(45), ALL));
    }

    @Test
    void aMissedDayIsPlannedAnewWithLittleChangeAndSaysWhatGivesWay() {
        PracticePlan first = plan(daily(30), ALL);
        PracticePlan after = again(MONDAY.plusDays(1), first);
        assertThat(after.days()).hasSize(19);
        assertThat(after.days().get(0).work())
                .isNotEmpty()
                .allSatisfy(part -> assertThat(part.state()).isEqualTo(Part.State.MISSED));
        int sessions = sessions(after, 1).size();
        assertThat(after.kept() + after.moved()).isEqualTo(sessions);
        assertThat(after.moved()).isLessThan(sessions / 3);
        assertThat(after.gaveWay())
                .isNotEmpty()
                .anySatisfy(line -> assertThat(line).contains("fewer than planned"));
        assertThat(again(MONDAY.plusDays(1), after).days()).isEqualTo(after.days());
    }

    @Test
    void whatIsDoneStaysDoneAndIsNotAskedTwiceOnOneDay() {
        List<PracticeDay> days = new ArrayList<>(plan(daily(60), ALL).days());
        PracticeDay today = days.get(0);
        List<Part> parts = new ArrayList<>(today.parts());
        int first = parts.indexOf(today.work().get(0));
        parts.set(first, parts.get(first).as(Part.State.DONE));
        days.set(0, new PracticeDay(today.date(), parts, today.why()));
        PracticePlan after = PracticePlan.of(new PracticePlan.Wish(MONDAY, EVENT, daily(60), ALL, days));
        PracticeDay still = after.days().get(0);
        assertThat(still.work().stream().map(Part::key))
                .doesNotHaveDuplicates()
                .contains(parts.get(first).key());
        assertThat(still.work()).hasSameSizeAs(today.work());
        assertThat(still.minutes()).isEqualTo(60);
    }

    @Test
    void whatIsMissedTodayIsNotAskedAgainToday() {
        List<PracticeDay> days = new ArrayList<>(plan(daily(60), ALL).days());
        days.set(0, days.get(0).as(Part.State.MISSED));
        PracticePlan after = PracticePlan.of(new PracticePlan.Wish(MONDAY, EVENT, daily(60), ALL, days));
        assertThat(after.days().get(0).work())
                .hasSameSizeAs(days.get(0).work())
                .allSatisfy(part -> assertThat(part.state()).isEqualTo(Part.State.MISSED));
        assertThat(after.days().get(1).work()).isNotEmpty();
    }

    @Test
    void doneOnEveryDayItIsAsIfNothingHadHappened() {
        PracticePlan plan = plan(daily(30), ALL);
        List<PracticeDay> done = new ArrayList<>(plan.days());
        for (int i = 0; i < 4; i++) {
            PracticeDay day = done.get(i);
            done.set(
                    i,
                    new PracticeDay(
                            day.date(),
                            day.parts().stream()
                                    .map(part -> part.as(Part.State.DONE))
                                    .toList(),
                            day.why()));
        }
        PracticePlan after = PracticePlan.of(new PracticePlan.Wish(MONDAY.plusDays(4), EVENT, daily(30), ALL, done));
        assertThat(sessions(after, 4)).isEqualTo(sessions(plan, 4));
        assertThat(after.moved()).isZero();
        assertThat(after.gaveWay()).noneMatch(line -> line.contains("fewer"));
    }

    private static List<String> sessions(PracticePlan plan, int from) {
        return plan.days().subList(from, plan.days().size()).stream()
                .flatMap(day -> day.work().stream().map(part -> day.date() + part.key()))
                .toList();
    }

    @Test
    void whatHasNoTimeIsNamed() {
        Minutes sunday = new Minutes(Map.of(DayOfWeek.SUNDAY, 15), Map.of());
        assertThat(plan(sunday, ALL).gaveWay()).anyMatch(line -> line.startsWith("whisk: no time"));
        PracticePlan late =
                PracticePlan.of(new PracticePlan.Wish(EVENT.minusDays(5), EVENT, daily(60), List.of(NEW), List.of()));
        assertThat(late.gaveWay()).isEmpty();
        assertThat(late.days().get(0).work().get(0).purpose()).isEqualTo(Purpose.KEEP);
    }

    @Test
    void whatTheCoachSetsToNoneIsLeftOutAndMoreComesMoreOften() {
        List<Matter> wished = List.of(with(WEAK, Emphasis.NONE), with(OTHER, Emphasis.MORE), KEEP, RUN);
        Map<String, Long> count = plan(daily(20), wished).days().stream()
                .flatMap(day -> day.work().stream())
                .collect(Collectors.groupingBy(Part::id, Collectors.counting()));
        long usual = plan(daily(20), List.of(OTHER, KEEP, RUN)).days().stream()
                .flatMap(day -> day.work().stream())
                .filter(part -> part.id().equals("weave"))
                .count();
        assertThat(count).doesNotContainKey("spin");
        assertThat(count.get("weave")).isGreaterThanOrEqualTo(usual);
    }

    private static Matter with(Matter matter, Emphasis emphasis) {
        return new Matter(
                matter.kind(),
                matter.id(),
                matter.name(),
                0,
                "",
                matter.purpose(),
                matter.need(),
                emphasis,
                matter.clean(),
                matter.wanted(),
                matter.last(),
                matter.why());
    }

    @Test
    void onTheDayOfTheEventAndAfterNothingIsPlanned() {
        PracticePlan first = plan(daily(30), ALL);
        assertThat(again(EVENT, first).days()).hasSize(19);
        assertThat(again(EVENT.plusDays(9), first).days())
                .hasSize(19)
                .allSatisfy(day -> assertThat(day.work()).noneMatch(part -> part.state() == Part.State.OPEN));
    }

    @Test
    void tooFarAndTooMuchAreRefusedWithTheWayOut() {
        assertThatThrownBy(() -> new PracticePlan.Wish(MONDAY, MONDAY.plusDays(121), daily(30), ALL, List.of()))
                .hasMessageContaining("120 days at most");
        List<Matter> many = new ArrayList<>();
        for (int i = 0; i < 41; i++) many.add(KEEP);
        assertThatThrownBy(() -> new PracticePlan.Wish(MONDAY, EVENT, daily(30), many, List.of()))
                .hasMessageContaining("At most 40");
        assertThatThrownBy(() -> daily(481)).hasMessageContaining("from 0 to 480 minutes");
    }

    @Test
    void whatGaveWayIsToldOnce() {
        PracticePlan after = again(MONDAY.plusDays(1), plan(daily(30), ALL));
        assertThat(after.gaveWay()).anyMatch(line -> line.contains("fewer than planned"));
        assertThat(again(MONDAY.plusDays(1), after).gaveWay()).noneMatch(line -> line.contains("fewer"));
    }

    @Test
    void whatWasDoneTodayIsNotLostWhenTheEventIsMovedToToday() {
        List<PracticeDay> days = new ArrayList<>(plan(daily(60), ALL).days());
        days.set(0, days.get(0).as(Part.State.DONE));
        PracticePlan moved = PracticePlan.of(new PracticePlan.Wish(MONDAY, MONDAY, daily(60), ALL, days));
        assertThat(moved.days()).hasSize(1);
        assertThat(moved.days().get(0).work()).hasSameSizeAs(days.get(0).work());
    }

    @Test
    void whatIsSetToNoneDoesNotCountAsTooMuch() {
        List<Matter> many = new ArrayList<>(ALL);
        for (int i = 0; i < 60; i++) many.add(with(KEEP, Emphasis.NONE));
        assertThat(plan(daily(30), many)).isEqualTo(plan(daily(30), ALL));
    }
}
