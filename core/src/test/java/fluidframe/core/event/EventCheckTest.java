package fluidframe.core.event;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.TestChart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.count.TempoBand;
import fluidframe.core.couple.Hold;
import fluidframe.core.floor.Point;
import fluidframe.core.floor.Stride;
import fluidframe.core.link.Repertoire;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.Placed;
import fluidframe.core.routine.PlacedElement;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class EventCheckTest {
    private final Repertoire repertoire = Repertoire.of(List.of(
            TestChart.naturalTurn().chart(),
            TestChart.closedChange().chart(),
            TestChart.doubleReverse().entries("facing DW").chart()));

    private RoutineWork work(String... names) {
        List<Placed> placed = new ArrayList<>();
        for (String name : names) {
            placed.add(
                    name.startsWith("*")
                            ? new PlacedElement(name.substring(1), Beats.of(3))
                            : new PlacedFigure(name, FigureUse.WHOLE, false));
        }
        return RoutineWork.of(Dance.WALTZ, placed, repertoire);
    }

    private static Event heats(Set<String> permitted, Set<String> barred, boolean free, Set<Hold> holds) {
        return new Event(
                "Heats",
                "first level",
                permitted,
                5,
                20,
                Map.of(Dance.WALTZ, new TempoBand(28, 30)),
                Optional.of(new Hall(24, 14, new Point(2, 12))),
                barred,
                free,
                holds);
    }

    private static final Event PLAIN = heats(Set.of(), Set.of(), true, Set.of());

    private static List<Event.Line> check(Event event, RoutineWork work, double tempo, double seconds) {
        return EventCheck.of(event, work, new TempoBand(tempo, tempo), seconds, Stride.USUAL);
    }

    private static List<String> broken(List<Event.Line> lines) {
        return lines.stream()
                .filter(line -> line.verdict() == Event.Verdict.BROKEN)
                .map(Event.Line::about)
                .toList();
    }

    @Test
    void passesWhatKeepsToEverything() {
        assertThat(broken(check(PLAIN, work("natural-turn", "closed-change"), 29, 6.2)))
                .isEmpty();
    }

    @Test
    void failsOnTimeTempoAndDance() {
        assertThat(broken(check(PLAIN, work("natural-turn", "closed-change"), 29, 4.1)))
                .containsExactly("Time");
        assertThat(broken(check(PLAIN, work("natural-turn"), 29, 4.1)))
                .as("a circuit is danced again")
                .isEmpty();
        assertThat(broken(check(PLAIN, work("natural-turn"), 32, 21))).hasSize(2);
        Event tango = new Event(
                "Tango only",
                "",
                Set.of(),
                0,
                0,
                Map.of(Dance.TANGO, new TempoBand(31, 33)),
                Optional.empty(),
                Set.of(),
                true,
                Set.of());
        assertThat(broken(check(tango, work("natural-turn"), 29, 6))).isNotEmpty();
    }

    @Test
    void namesFiguresBeyondTheLevelAndBarredOnesByTheirPlace() {
        List<Event.Line> lines = check(
                heats(Set.of("natural-turn"), Set.of("closed-change"), true, Set.of()),
                work("natural-turn", "closed-change"),
                29,
                6.2);
        assertThat(lines)
                .filteredOn(line -> line.verdict() == Event.Verdict.BROKEN)
                .hasSize(2)
                .allSatisfy(line -> assertThat(line.blocks()).containsExactly(1));
    }

    @Test
    void asksAboutFreeElementsAndForbidsThemWhereTheEventDoes() {
        assertThat(check(PLAIN, work("natural-turn", "*Pose"), 29, 6.2))
                .filteredOn(line -> line.verdict() == Event.Verdict.ASK)
                .anySatisfy(line -> assertThat(line.detail()).contains("organiser", "Pose"));
        Event none = heats(Set.of(), Set.of(), false, Set.of());
        assertThat(broken(check(none, work("natural-turn", "*Pose"), 29, 6.2))).containsExactly("Free elements");
        Event lifts = heats(Set.of(), Set.of("lift"), true, Set.of());
        assertThat(broken(check(lifts, work("natural-turn", "*Lift"), 29, 6.2))).hasSize(1);
    }

    @Test
    void findsBarredHoldsBrokenJoinsAndStepsOffTheFloor() {
        Event holds = heats(Set.of(), Set.of(), true, Set.of(Hold.CLOSED_CONTACT));
        assertThat(broken(check(holds, work("natural-turn"), 29, 6))).containsExactly("Holds");
        assertThat(broken(check(PLAIN, work("natural-turn", "natural-turn"), 29, 6.2)))
                .containsExactly("Joins");
        Event small = new Event(
                "Small",
                "",
                Set.of(),
                0,
                0,
                Map.of(Dance.WALTZ, new TempoBand(28, 30)),
                Optional.of(new Hall(4, 4, new Point(2, 2))),
                Set.of(),
                true,
                Set.of());
        assertThat(broken(check(small, work("natural-turn", "closed-change"), 29, 6)))
                .containsExactly("Floor");
    }

    @Test
    void judgesEveryTempoOfASongAndNotOnlyTheFirst() {
        RoutineWork work = work("natural-turn", "closed-change");
        List<Event.Line> slowing = EventCheck.of(PLAIN, work, new TempoBand(24, 29), 6.2, Stride.USUAL);
        assertThat(broken(slowing)).containsExactly("Tempo");
        assertThat(slowing).anySatisfy(line -> assertThat(line.detail()).startsWith("24 to 29 bars a minute"));
    }

    @Test
    void whatIsDancedAgainHasToKeepToTheFloorAllTheWayRound() {
        Event nearTheWall = new Event(
                "Near the wall",
                "",
                Set.of(),
                12,
                20,
                Map.of(Dance.WALTZ, new TempoBand(28, 30)),
                Optional.of(new Hall(24, 4, new Point(12, 2))),
                Set.of(),
                true,
                Set.of());
        List<Event.Line> lines = check(nearTheWall, work("natural-turn"), 29, 4.1);
        assertThat(broken(lines)).containsExactly("Floor");
        assertThat(lines).anySatisfy(line -> assertThat(line.detail()).contains("Danced again it leaves"));
    }

    @Test
    void refusesAnEventThatNobodyCouldMeet() {
        assertThatThrownBy(() -> new TempoBand(31, 29)).hasMessageContaining("was 31.0 to 29.0");
        assertThatThrownBy(() ->
                        new Event("x", "", Set.of(), 90, 60, Map.of(), Optional.empty(), Set.of(), true, Set.of()))
                .hasMessageContaining("was 90 to 60 seconds");
    }
}
