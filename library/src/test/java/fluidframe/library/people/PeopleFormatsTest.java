package fluidframe.library.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.evening.ClassEvening;
import fluidframe.core.exercise.Aid;
import fluidframe.core.exercise.Drill;
import fluidframe.core.exercise.SetUp;
import fluidframe.core.lesson.Item;
import fluidframe.core.lesson.Lesson;
import fluidframe.core.lesson.Stage;
import fluidframe.core.people.Couple;
import fluidframe.core.people.Dancer;
import fluidframe.core.people.Goal;
import fluidframe.core.people.Group;
import fluidframe.core.practice.Emphasis;
import fluidframe.core.practice.Minutes;
import fluidframe.core.practice.Part;
import fluidframe.core.practice.Practice;
import fluidframe.core.practice.PracticeDay;
import fluidframe.core.practice.Purpose;
import fluidframe.core.rotation.Pair;
import fluidframe.core.rotation.Person;
import fluidframe.core.rotation.Round;
import fluidframe.core.rotation.Two;
import fluidframe.library.evening.ClassFormat;
import fluidframe.library.exercise.CardFormat;
import fluidframe.library.exercise.DrillFormat;
import fluidframe.library.lesson.LessonFormat;
import fluidframe.library.practice.PracticeFormat;
import fluidframe.library.shipped.StarterExercises;
import fluidframe.library.text.Format;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PeopleFormatsTest {
    private static final Couple.Work WORK =
            new Couple.Work(List.of("heats"), List.of("waltz.whisk", "waltz.wing"), List.of("cup"));
    private static final Couple PAIR = new Couple(
            "Ínes: and #Tobin",
            List.of("ines", "tobin"),
            Role.LADY,
            Set.of(Dance.JIVE, Dance.SAMBA),
            WORK,
            List.of(
                    new Goal("null", Optional.of(LocalDate.of(2026, 2, 28)), true),
                    new Goal("007", Optional.empty(), false)),
            "a\n- b");

    private static <T> void comesBack(Format<T> format, T value) {
        assertThat(format.read(format.file("an-id", value)).orThrow()).isEqualTo(value);
        assertThat(format.read(format.toJson(value)).orThrow()).isEqualTo(value);
        assertThat(format.salvage(format.toJson(value).toString()).value()).isEqualTo(value);
        assertThat(format.salvage("{}").problems()).isNotEmpty();
    }

    @Test
    void nothingOfPeopleIsLostByWritingAndReading() {
        comesBack(
                DancerFormat.DANCER,
                new Dancer(
                        "yes", List.of(Role.MAN, Role.LADY), OptionalInt.of(168), Map.of(Dance.WALTZ, "Silver"), "n"));
        comesBack(DancerFormat.DANCER, new Dancer("O", List.of(), OptionalInt.empty(), Map.of(), ""));
        comesBack(CoupleFormat.COUPLE, PAIR);
        comesBack(
                GroupFormat.GROUP,
                new Group("Class", List.of(new Group.Member("ines", List.of(Role.LADY, Role.MAN))), WORK, ""));
    }

    @Test
    void nothingOfALessonIsLostByWritingAndReading() {
        Lesson lesson = new Lesson(
                LocalDateTime.of(2026, 11, 28, 18, 30),
                45,
                new Lesson.With("couple", "ines-and-tobin", "Ines and Tobin"),
                "Hall: two",
                1,
                List.of(new Lesson.About("figure", "waltz.whisk", "Whisk")),
                List.of(
                        new Item(
                                Stage.FOOTWORK,
                                "figure",
                                "waltz.whisk",
                                "Whisk",
                                5,
                                "lady",
                                40,
                                false,
                                3,
                                "heel early",
                                true,
                                List.of(new Aid("drill", "heel-down", "Heel down"))),
                        new Item(Stage.RECAP, "", "", "", 0, 5, true, 1, "", false)),
                List.of("Whisk: clean"),
                List.of(new Lesson.Promise("the heel", true)),
                "note",
                true);
        comesBack(LessonFormat.LESSON, lesson);
        assertThat(lesson.open()).isEmpty();
    }

    @Test
    void nothingOfADrillOrACardIsLostByWritingAndReading() {
        comesBack(
                DrillFormat.DRILL,
                new Drill(
                        "Turning",
                        List.of(Dance.RUMBA),
                        Drill.Who.COUPLE,
                        "for",
                        "2 3 4 1",
                        OptionalDouble.of(96.5),
                        8,
                        4,
                        List.of("Stand."),
                        List.of("Space."),
                        List.of("heel early"),
                        "rumba.spot-turn"));
        comesBack(
                CardFormat.CARD,
                new SetUp(
                        "Closed",
                        List.of(),
                        "closed",
                        List.of(CouplePosition.FAN),
                        List.of(Hold.LEFT_TO_RIGHT),
                        List.of(new SetUp.Point("Head", "up")),
                        "s",
                        "b",
                        List.of("c")));
    }

    @Test
    void nothingOfAPracticeIsLostByWritingAndReading() {
        Part warm = new Part(
                Purpose.WARM_UP,
                "",
                "",
                "",
                0,
                "",
                5,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                "first",
                Part.State.OPEN);
        Part weak = new Part(
                Purpose.WEAK,
                "figure",
                "waltz.whisk",
                "Whisk",
                2,
                "lady",
                10,
                OptionalDouble.of(24.5),
                OptionalDouble.of(26),
                14,
                "late: \"2\"",
                Part.State.MISSED);
        Part drill = new Part(
                Purpose.WEAK,
                "drill",
                "heel-down",
                "Heel down",
                0,
                "",
                10,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                8,
                "asked for",
                Part.State.DONE);
        Practice practice = new Practice(
                new Lesson.With("couple", "ines-and-tobin", "Ines and Tobin"),
                new Practice.Aim("cup", "Cup: heats", LocalDate.of(2026, 5, 22)),
                new Minutes(
                        Map.of(DayOfWeek.MONDAY, 45, DayOfWeek.SUNDAY, 0),
                        Map.of(LocalDate.of(2026, 5, 6), 0, LocalDate.of(2026, 5, 7), 480)),
                List.of(new Practice.Wanted("figure", "waltz.whisk", "Whisk", Emphasis.MORE)),
                List.of(
                        new PracticeDay(LocalDate.of(2026, 5, 4), List.of(warm, weak, drill), ""),
                        new PracticeDay(LocalDate.of(2026, 5, 5), List.of(), "a day of rest")),
                List.of("Whisk: 1 fewer than planned"),
                "note");
        comesBack(PracticeFormat.PRACTICE, practice);
        assertThat(PracticeFormat.PRACTICE.read("""
                format: fluidframe/practice@1
                with: {kind: couple, id: a, name: A}
                aim: {name: Cup, day: 2026-05-22}
                except: {2026-02-30: 10}
                days: [{date: 2026-05-04, parts: [{purpose: weak, minutes: 10, why: x}]}]
                """).problems())
                .extracting(problem -> problem.message())
                .anyMatch(message -> message.contains("A day must be one such as"))
                .anyMatch(message -> message.contains("Say what is practised"));
    }

    @Test
    void nothingOfAnEveningIsLostByWritingAndReading() {
        ClassEvening evening = new ClassEvening(
                LocalDateTime.of(2026, 11, 28, 19, 0),
                Optional.of(new ClassEvening.Course("thursday", "Thursday: class")),
                "Hall one",
                List.of(
                        new ClassEvening.Material("figure", "waltz.whisk", "Whisk"),
                        new ClassEvening.Material("drill", "heel-down", "")),
                new ClassEvening.Pace(OptionalDouble.of(26.5), 0.5, 3),
                8,
                List.of(
                        new Person("ines", Set.of(Role.LADY)),
                        new Person("tobin", Set.of(Role.MAN, Role.LADY), 1, 4),
                        new Person("pim", Set.of(Role.MAN))),
                List.of(new Two("ines", "tobin")),
                List.of(new Two("ines", "pim")),
                List.of(new ClassEvening.Change(3, "waltz.whisk", OptionalDouble.of(24), "B", true)),
                List.of(new ClassEvening.Danced(
                        List.of(new Pair("pim", "ines")), List.of(), "waltz.whisk", OptionalDouble.of(26.5))),
                List.of(new Round(List.of(new Pair("tobin", "ines")), List.of("pim"))),
                "note");
        comesBack(ClassFormat.CLASS, evening);
        assertThat(ClassFormat.CLASS.read("""
                format: fluidframe/class@1
                at: 2026-05-03T19:00
                people: [{dancer: a, roles: [man]}]
                danced: [{pairs: [{man: a, lady: b}]}]
                """).problems().get(0).message())
                .contains("b danced or waited in round 1, but is not among those who came");
    }

    @Test
    void whoDancesARoleDependsOnTheDance() {
        assertThat(PAIR.dancer(Role.LADY, Dance.WALTZ)).contains("ines");
        assertThat(PAIR.dancer(Role.LADY, Dance.JIVE)).contains("tobin");
        Couple left = PAIR.without("ines", "Tobin").orElseThrow();
        assertThat(left.dancer(Role.MAN, Dance.WALTZ)).contains("tobin");
        assertThat(left.dancer(Role.LADY, Dance.WALTZ)).isEmpty();
        assertThat(left.without("tobin", "")).isEmpty();
    }

    @Test
    void whatCannotBeIsRefusedAndSaysWhy() {
        assertThatThrownBy(() -> new Dancer("A", List.of(), OptionalInt.of(20), Map.of(), ""))
                .hasMessage("A height must be from 80 to 230 cm, but was 20");
        assertThat(CoupleFormat.COUPLE.read("""
                format: fluidframe/couple@1
                name: A
                role: man
                dancers: [a, a]
                """).problems().get(0).message()).contains("one is named twice");
        assertThat(LessonFormat.LESSON.read("""
                format: fluidframe/lesson@1
                at: 2026-02-30T10:00
                minutes: 30
                with: {kind: couple, id: a, name: A}
                """).problems().get(0).message())
                .contains("A time must be one such as 2026-05-03T18:30");
    }

    @Test
    void everyDrillAndCardThatShipsIsReadAndWarns() {
        assertThat(StarterExercises.drills()).hasSize(60).allSatisfy(document -> {
            Drill drill = DrillFormat.DRILL.read(document).orThrow();
            assertThat(String.join(" ", drill.cautions())).contains("Pain is a signal to stop.");
            assertThat(drill.steps()).hasSizeGreaterThan(1);
        });
        assertThat(StarterExercises.cards()).hasSize(18).allSatisfy(document -> {
            SetUp card = CardFormat.CARD.read(document).orThrow();
            assertThat(String.join(" ", card.cautions())).contains("Pain is a signal to stop.");
            assertThat(card.points()).hasSizeGreaterThan(2);
        });
    }
}
