package fluidframe.library.recall;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Customary;
import fluidframe.core.link.Link;
import fluidframe.core.link.Repertoire;
import fluidframe.core.recall.Answers;
import fluidframe.core.recall.Ask;
import fluidframe.core.recall.Question;
import fluidframe.core.recall.Questions;
import fluidframe.library.shipped.ShippedLibrary;
import fluidframe.library.typed.Vocabulary;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The questions of the whole library, and answers as candidates give them. */
class QuestionsTest {
    private static final Answers ANSWERS = new Answers(Vocabulary::meant);
    private static Repertoire repertoire;
    private static List<Question> all;

    @BeforeAll
    static void draw() {
        repertoire = Repertoire.of(ShippedLibrary.load());
        all = new ArrayList<>();
        for (Dance dance : Dance.values()) all.addAll(Questions.of(repertoire, dance, ANSWERS));
    }

    private static Question question(String id) {
        return all.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow(() -> new AssertionError(id));
    }

    @Test
    void severalThousandAreDrawnAndEveryKindInEveryDance() {
        assertThat(all).hasSizeGreaterThan(5000).extracting(Question::id).doesNotHaveDuplicates();
        Map<Dance, Map<Ask, Long>> kinds = new TreeMap<>(all.stream()
                .collect(Collectors.groupingBy(
                        Question::dance, Collectors.groupingBy(Question::ask, Collectors.counting()))));
        kinds.forEach((dance, counts) ->
                assertThat(counts.keySet()).as(dance.toString()).contains(Ask.ALIGNMENT, Ask.TURN, Ask.PLACEMENT));
        System.out.println(all.size() + " questions " + kinds);
    }

    @Test
    void everyAnswerOfTheChartIsRightAndEveryOtherChoiceWrong() {
        for (Question question : all) {
            assertThat(question.choices())
                    .as(question.id())
                    .contains(question.answer())
                    .hasSizeBetween(2, 4);
            for (String choice : question.choices()) {
                assertThat(ANSWERS.judge(question, choice).verdict())
                        .as(question.id() + ": " + choice + " for " + question.answer())
                        .isEqualTo(choice.equals(question.answer()) ? Answers.Verdict.RIGHT : Answers.Verdict.WRONG);
            }
        }
    }

    @Test
    void theRightChoiceStandsAnywhere() {
        int[] places = new int[4];
        all.stream()
                .filter(question -> question.choices().size() == 4)
                .forEach(question -> places[question.choices().indexOf(question.answer())]++);
        int fair = Arrays.stream(places).sum() / 4;
        for (int place : places) assertThat(place).isBetween(fair * 9 / 10, fair * 11 / 10);
    }

    @Test
    void noFigureOfferedAsWrongMayFollow() {
        List<Question> follows =
                all.stream().filter(one -> one.ask() == Ask.FOLLOWS).toList();
        assertThat(follows).hasSizeGreaterThan(200);
        for (Question question : follows) {
            for (String choice : question.choices()) {
                if (choice.equals(question.answer())) continue;
                boolean any = repertoire.charts().stream()
                        .filter(chart -> chart.dance() == question.dance()
                                && chart.identity().name().equals(choice))
                        .anyMatch(chart ->
                                Customary.best(repertoire.usesOf(question.figure()), repertoire.usesOf(chart.id()))
                                                .verdict()
                                        != Link.Verdict.NO);
                assertThat(any).as(question.id() + ": " + choice).isFalse();
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "waltz.natural-turn~man~2~turn         | 1/4 R               | RIGHT",
                "waltz.natural-turn~man~2~turn         | quarter right       | RIGHT",
                "waltz.natural-turn~man~2~turn         | a quarter to the right | RIGHT",
                "waltz.natural-turn~man~2~turn         | 90 degrees right    | RIGHT",
                "waltz.natural-turn~man~2~turn         | 2r                  | RIGHT",
                "waltz.natural-turn~man~2~turn         | 2/8 R               | RIGHT",
                "waltz.natural-turn~man~2~turn         | 1/4 L               | WRONG",
                "waltz.natural-turn~man~2~turn         | 3/8 R               | WRONG",
                "waltz.natural-turn~man~2~turn         | a lot               | UNREAD",
                "waltz.natural-turn~lady~2~turn        | 3/8 R               | RIGHT",
                "waltz.natural-turn~man~1~alignment    | facing diagonally to the wall | RIGHT",
                "waltz.natural-turn~man~1~alignment    | fdw                 | RIGHT",
                "waltz.natural-turn~man~1~alignment    | backing DW          | WRONG",
                "waltz.natural-turn~man~1~alignment    | DW                  | UNREAD",
                "waltz.natural-turn~man~3~alignment    | backing line of dance | RIGHT",
                "waltz.natural-turn~man~1~footwork     | heel toe            | RIGHT",
                "waltz.natural-turn~man~1~footwork     | ht                  | RIGHT",
                "waltz.natural-turn~man~1~footwork     | TH                  | WRONG",
                "waltz.natural-turn~man~timing         | 1,2,3,1,2,3         | RIGHT",
                "waltz.natural-turn~man~timing         | 1 2 & 3             | WRONG",
                "waltz.natural-turn~man~2~step         | side                | RIGHT",
                "waltz.natural-turn~man~2~step         | s                   | RIGHT"
            })
    void anAnswerIsJudgedByWhatIsMeant(String id, String given, Answers.Verdict verdict) {
        assertThat(ANSWERS.judge(question(id), given).verdict()).isEqualTo(verdict);
    }
}
