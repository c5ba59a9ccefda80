package fluidframe.server.recall;

import fluidframe.core.log.Rate;
import fluidframe.core.recall.Answers;
import fluidframe.core.recall.Ask;
import fluidframe.core.recall.Question;
import fluidframe.server.access.OpenTo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A mock examination, marked at its end. */
@RestController
@OpenTo
@RequestMapping("/api/recall/marks")
class ExamController {
    private static final int MOST = 200;

    private final QuestionShelf questions;
    private final RecallBook book;

    ExamController(QuestionShelf questions, RecallBook book) {
        this.questions = questions;
        this.book = book;
    }

    /** Everything that was answered; a blank answer is none. */
    record ExamPaper(@NotNull String who, @NotNull List<RecallController.@Valid GivenAnswer> answers) {}

    /** One answer on the mark sheet. */
    record ExamLine(
            String card,
            String figure,
            String name,
            String role,
            int row,
            String ask,
            String given,
            String answer,
            boolean sound) {}

    /** The marks of one kind of question, with the range that so few can say. */
    record ExamMark(String ask, int sound, int of, double low, double high) {}

    /**
     * The mark sheet.
     *
     * @param weakest the kinds of question in which least was right, the weakest first; none where everything was
     */
    record ExamSheet(List<ExamLine> lines, List<ExamMark> marks, int sound, int of, List<String> weakest) {}

    /** Marks a paper and keeps how it went; it changes nothing of when a question is asked again. */
    @PostMapping
    ExamSheet mark(@RequestBody @Valid ExamPaper paper) {
        if (paper.answers().size() > MOST) {
            throw new IllegalArgumentException("An examination has at most " + MOST + " questions, but this has "
                    + paper.answers().size());
        }
        book.check(paper.who());
        List<RecallBook.Marked> marked = new ArrayList<>();
        Map<Ask, List<Boolean>> marks = new EnumMap<>(Ask.class);
        List<ExamLine> lines = new ArrayList<>();
        for (RecallController.GivenAnswer given : paper.answers()) {
            Question question = questions.get(given.card());
            boolean sound = !given.given().isBlank()
                    && questions.answers().judge(question, given.given()).verdict() == Answers.Verdict.RIGHT;
            lines.add(new ExamLine(
                    question.id(),
                    question.figure(),
                    question.name(),
                    question.role().toString(),
                    question.row(),
                    question.ask().toString(),
                    given.given(),
                    question.answer(),
                    sound));
            marks.computeIfAbsent(question.ask(), ask -> new ArrayList<>()).add(sound);
            marked.add(new RecallBook.Marked(question, sound ? Answers.Verdict.RIGHT : Answers.Verdict.WRONG));
        }
        book.markAll(paper.who(), marked);
        List<ExamMark> sheet = new ArrayList<>();
        marks.forEach((ask, sounds) -> {
            Rate rate = new Rate((int) sounds.stream().filter(one -> one).count(), sounds.size());
            sheet.add(new ExamMark(ask.toString(), rate.times(), rate.of(), rate.low(), rate.high()));
        });
        int sound = (int) lines.stream().filter(ExamLine::sound).count();
        return new ExamSheet(lines, sheet, sound, lines.size(), weakest(sheet));
    }

    private static List<String> weakest(List<ExamMark> marks) {
        return marks.stream()
                .filter(mark -> mark.sound() < mark.of())
                .sorted((one, other) ->
                        Double.compare((double) one.sound() / one.of(), (double) other.sound() / other.of()))
                .map(ExamMark::ask)
                .toList();
    }
}
