package fluidframe.library.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
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
import fluidframe.library.exercise.CardFormat;
import fluidframe.library.exercise.DrillFormat;
import fluidframe.library.lesson.LessonFormat;
import fluidframe.library.shipped.StarterExercises;
import fluidframe.library.text.Format;
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
        assertThat(StarterExercises.drills()).hasSize(20).allSatisfy(document -> {
            Drill drill = DrillFormat.DRILL.read(document).orThrow();
            assertThat(String.join(" ", drill.cautions())).contains("Pain is a signal to stop.");
            assertThat(drill.steps()).hasSizeGreaterThan(1);
        });
        assertThat(StarterExercises.cards()).hasSize(10).allSatisfy(document -> {
            SetUp card = CardFormat.CARD.read(document).orThrow();
            assertThat(String.join(" ", card.cautions())).contains("Pain is a signal to stop.");
            assertThat(card.points()).hasSizeGreaterThan(2);
        });
    }
}
