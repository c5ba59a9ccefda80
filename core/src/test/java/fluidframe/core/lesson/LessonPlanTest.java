package fluidframe.core.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.chart.Preparation;
import fluidframe.core.chart.Start;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import fluidframe.core.exercise.Aid;
import fluidframe.core.exercise.Drill;
import fluidframe.core.exercise.Exercises;
import fluidframe.core.exercise.SetUp;
import fluidframe.core.log.Danced;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Rate;
import fluidframe.core.log.Standing;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LessonPlanTest {
    private static final Drill HEEL_DRILL = new Drill(
            "Heel down against resistance",
            List.of(Dance.WALTZ),
            Drill.Who.ALONE,
            "Lowering, so that the heel arrives on its count.",
            "1 2 3",
            OptionalDouble.of(84),
            12,
            3,
            List.of("Lower."),
            List.of("Pain is a signal to stop."),
            List.of("heel early", "lowering late"),
            "");
    private static final SetUp CLOSED = new SetUp(
            "Closed hold",
            List.of(Dance.WALTZ),
            "closed hold, touching",
            List.of(CouplePosition.CLOSED),
            List.of(),
            List.of(),
            "",
            "",
            List.of());
    private static final Exercises EXERCISES = new Exercises(
            List.of(new Exercises.Shelved<>("heel", HEEL_DRILL)), List.of(new Exercises.Shelved<>("closed", CLOSED)));

    private static final Topic.Weak HEEL =
            new Topic.Weak("lady", 5, "heel early", "wait for the knee", new Rate(4, 11));

    private static Topic fresh(String name) {
        return new Topic("figure", name, name, false, Optional.empty(), List.of(), OptionalDouble.of(29), "");
    }

    private static Topic danced(String name, int clean, int faulty, double tempo, Topic.Weak... weak) {
        Entry.Subject subject = new Entry.Subject("figure", name, name);
        List<Danced> runs = IntStream.range(0, clean + faulty)
                .mapToObj(nth -> new Danced(
                        Instant.ofEpochSecond(nth),
                        subject,
                        new Entry.Run("run" + nth, 0, 6, tempo),
                        nth < faulty
                                ? List.of(new Entry.Fault(name, name, 0, Role.MAN, 1, "late", "", ""))
                                : List.of()))
                .toList();
        return new Topic(
                "figure", name, name, false, Optional.of(Standing.of(runs)), List.of(weak), OptionalDouble.of(29), "");
    }

    private static LessonPlan plan(int minutes, List<Topic> topics, String... promised) {
        return LessonPlan.propose(new LessonPlan.Wish(
                minutes, 2, topics, List.of(promised), List.of(new Lesson.About("figure", "wing", "Wing")), EXERCISES));
    }

    private static List<Stage> stages(LessonPlan plan) {
        return plan.items().stream().map(Item::stage).toList();
    }

    @Test
    void somethingNewIsTaughtInTheOrderOfWork() {
        LessonPlan plan = plan(60, List.of(fresh("Whisk")));
        assertThat(stages(plan))
                .containsExactly(
                        Stage.WHOLE,
                        Stage.COUNT,
                        Stage.FEET,
                        Stage.OTHER_FEET,
                        Stage.TURN,
                        Stage.FOOTWORK,
                        Stage.BODY,
                        Stage.LEAD,
                        Stage.SLOWLY,
                        Stage.WITH_COUNT,
                        Stage.TO_MUSIC,
                        Stage.UP_TO_SPEED,
                        Stage.RECAP);
        assertThat(plan.items()).allSatisfy(item -> assertThat(item.why()).isNotBlank());
        assertThat(plan.leftOut()).isEmpty();
    }

    @Test
    void beginnersAreSparedFootworkLeadAndBodyAndOneAloneThePartner() {
        assertThat(Stage.ofNew(0, false)).doesNotContain(Stage.FOOTWORK, Stage.BODY, Stage.LEAD);
        assertThat(Stage.ofNew(1, false)).contains(Stage.FOOTWORK, Stage.LEAD).doesNotContain(Stage.BODY);
        assertThat(Stage.ofNew(2, true))
                .doesNotContain(Stage.OTHER_FEET, Stage.LEAD)
                .contains(Stage.BODY);
    }

    @Test
    void whatIsDancedCleanAtTheTempoIsLeftOutAndSaidSo() {
        LessonPlan plan = plan(45, List.of(danced("Whisk", 6, 0, 29), danced("Spin", 2, 6, 26, HEEL)));
        assertThat(plan.items())
                .extracting(Item::name)
                .doesNotContain("Whisk into Spin")
                .containsOnly("Spin", "");
        assertThat(plan.leftOut()).containsExactly("Whisk: 6 of the last 6 runs clean, nothing to mend");
        assertThat(plan.items().get(0).why()).isEqualTo("heel early ({lady}, step 5, 4 of 11 runs): wait for the knee");
        assertThat(plan.items().get(0).stage()).isEqualTo(Stage.FOOTWORK);
    }

    @Test
    void whatIsCleanOnlySlowlyIsBroughtUpToSpeed() {
        LessonPlan plan = plan(20, List.of(danced("Whisk", 8, 0, 26)));
        assertThat(stages(plan)).containsExactly(Stage.UP_TO_SPEED, Stage.RECAP);
        assertThat(plan.items().get(0).why()).isEqualTo("clean at 26, wanted at 29 bars a minute");
    }

    @Test
    void aPromiseComesFirstAndIsNeverDroppedForWantOfTime() {
        LessonPlan plan = plan(9, List.of(fresh("Whisk"), fresh("Spin")), "the count of the Spin");
        assertThat(plan.items()).hasSize(3);
        assertThat(plan.items().get(0).why()).isEqualTo("promised last time: the count of the Spin");
        assertThat(plan.items().get(0).stage()).isEqualTo(Stage.COUNT);
        assertThat(plan.items().get(0).name()).isEqualTo("Spin");
        assertThat(plan.leftOut())
                .hasSize(2)
                .allSatisfy(out -> assertThat(out).contains(": no time for whole, with the count, the count, "));
    }

    @Test
    void aPromiseOfSomethingElseTheyWorkOnOpensThere() {
        LessonPlan plan = plan(30, List.of(fresh("Whisk")), "the wing to music", "better shoes");
        assertThat(plan.items().get(0).id()).isEqualTo("wing");
        assertThat(plan.items().get(0).stage()).isEqualTo(Stage.TO_MUSIC);
        assertThat(plan.items().get(1).id()).isEmpty();
    }

    @Test
    void twoFiguresAreLinkedAndAChangedVersionIsShownFirst() {
        Topic moved = new Topic(
                "routine",
                "r",
                "Heats",
                false,
                danced("r", 8, 0, 29).standing(),
                List.of(),
                OptionalDouble.of(29),
                "bar 9");
        LessonPlan plan = plan(60, List.of(moved, fresh("Whisk"), fresh("Spin")));
        assertThat(plan.items().get(0).why()).isEqualTo("has changed since: bar 9");
        assertThat(plan.items()).anySatisfy(item -> {
            assertThat(item.stage()).isEqualTo(Stage.LINK);
            assertThat(item.why()).isEqualTo("Whisk into Spin");
        });
    }

    @Test
    void theMinutesAlwaysAddUpWhateverIsPlannedFixedAndDone() {
        Random random = new Random(7);
        for (int nth = 0; nth < 500; nth++) {
            int minutes = 5 + random.nextInt(115);
            List<Topic> topics = new ArrayList<>();
            for (int i = random.nextInt(5); i > 0; i--) {
                topics.add(random.nextBoolean() ? fresh("F" + i) : danced("F" + i, random.nextInt(9), 1, 27, HEEL));
            }
            List<Item> items = plan(minutes, topics, "a promise").items();
            assertThat(items.stream().mapToInt(Item::minutes).sum()).isEqualTo(minutes);
            int one = random.nextInt(items.size());
            Item fixed = new Item(
                    items.get(one).stage(),
                    "",
                    "",
                    "",
                    0,
                    1 + random.nextInt(3),
                    true,
                    1,
                    "by hand",
                    random.nextBoolean());
            List<Item> changed = new ArrayList<>(items);
            changed.set(one, fixed);
            if (items.size() == 1) continue;
            List<Item> shared = LessonPlan.shared(changed, minutes);
            assertThat(shared.stream().mapToInt(Item::minutes).sum()).isEqualTo(minutes);
            assertThat(shared.get(one)).isEqualTo(fixed);
        }
    }

    private static Topic waltz(Topic of) {
        return new Topic(
                of.kind(),
                of.id(),
                of.name(),
                of.solo(),
                of.standing(),
                of.weak(),
                of.tempo(),
                of.movedOn(),
                Optional.of(Dance.WALTZ),
                Optional.of(new Start(
                        CouplePosition.CLOSED,
                        Hold.CLOSED_CONTACT,
                        List.of(),
                        false,
                        false,
                        Preparation.NONE,
                        Preparation.NONE)));
    }

    @Test
    void theDrillThatSpeaksOfAFaultIsProposedWithItAndTheCardOfThePositionWithWhatIsNew() {
        LessonPlan plan = plan(60, List.of(waltz(danced("Spin", 3, 4, 27, HEEL)), waltz(fresh("Whisk"))));
        assertThat(plan.items())
                .filteredOn(item -> item.why().startsWith("heel early"))
                .singleElement()
                .satisfies(item -> assertThat(item.aids())
                        .containsExactly(new Aid("drill", "heel", "Heel down against resistance")));
        assertThat(plan.items())
                .filteredOn(item -> item.name().equals("Whisk") && item.stage() == Stage.WHOLE)
                .singleElement()
                .satisfies(item -> assertThat(item.aids()).containsExactly(new Aid("card", "closed", "Closed hold")));
    }

    @Test
    void aFaultInARoutineIsWorkedOnInItsFigure() {
        Topic.Weak late = new Topic.Weak("man", 2, "late", "wait", new Rate(3, 7), "waltz.whisk", "Whisk");
        Topic routine = new Topic(
                "routine",
                "r",
                "Heats",
                false,
                danced("r", 3, 4, 27).standing(),
                List.of(late),
                OptionalDouble.empty(),
                "");
        assertThat(plan(60, List.of(routine)).items())
                .filteredOn(item -> item.row() == 2)
                .singleElement()
                .satisfies(item -> {
                    assertThat(item.kind()).isEqualTo("figure");
                    assertThat(item.id()).isEqualTo("waltz.whisk");
                    assertThat(item.name()).isEqualTo("Whisk");
                    assertThat(item.why()).isEqualTo("late ({man}, step 2, 3 of 7 runs): wait; in Heats");
                });
    }

    @Test
    void whatHelpsTwiceIsNamedOnceAndNothingWhereTheDanceIsAnother() {
        Topic.Weak knee = new Topic.Weak("man", 2, "heel lowered late", "", new Rate(3, 7));
        LessonPlan plan = plan(60, List.of(waltz(danced("Spin", 3, 4, 27, HEEL, knee)), waltz(fresh("Whisk"))));
        assertThat(plan.items().stream().flatMap(item -> item.aids().stream()))
                .doesNotHaveDuplicates()
                .hasSize(2);
        assertThat(plan(60, List.of(danced("Spin", 3, 4, 27, HEEL), fresh("Whisk")))
                        .items())
                .allSatisfy(item -> assertThat(item.aids()).isEmpty());
    }

    @Test
    void moreThanThereIsRoomForIsRefusedWithTheNumbers() {
        List<Item> items = plan(10, List.of(fresh("Whisk"))).items();
        Item long1 = new Item(Stage.FEET, "", "", "", 0, 9, true, 1, "by hand", false);
        List<Item> changed = new ArrayList<>(items);
        changed.set(0, long1);
        assertThatThrownBy(() -> LessonPlan.shared(changed, 10))
                .hasMessage(
                        "The parts whose minutes are set or done take 9 of 10 minutes, which leaves less than a minute for each"
                                + " of the other 2: shorten a part, leave one out or give the lesson more minutes");
        assertThatThrownBy(() -> LessonPlan.shared(List.of(long1), 10)).hasMessageContaining("no other part can take");
        assertThatThrownBy(() -> plan(4, List.of())).hasMessageContaining("from 5 to 480");
    }

    @Test
    void theWordsOfAFaultTellThePartInWhichItIsWorkedOn() {
        assertThat(Stage.of("Heel lowered early")).isEqualTo(Stage.FOOTWORK);
        assertThat(Stage.of("late on the third step")).isEqualTo(Stage.COUNT);
        assertThat(Stage.of("underturned")).isEqualTo(Stage.TURN);
        assertThat(Stage.of("something")).isEqualTo(Stage.FEET);
        for (Stage stage : Stage.values())
            assertThat(Stage.parse(stage.toString())).isEqualTo(stage);
        assertThatThrownBy(() -> Stage.parse("lunch")).hasMessageContaining("whole, count, feet");
    }
}
