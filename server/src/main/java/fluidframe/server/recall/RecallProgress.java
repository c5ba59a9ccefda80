package fluidframe.server.recall;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.count.Dance;
import fluidframe.core.log.Rate;
import fluidframe.core.recall.Ask;
import fluidframe.core.review.Fsrs;
import fluidframe.core.review.Reviewed;
import fluidframe.server.access.OpenTo;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How far somebody has come with the questions, by dance and kind. */
@RestController
@OpenTo
@RequestMapping("/api/recall/progress")
class RecallProgress {
    private final RecallBook book;
    private final QuestionShelf questions;

    RecallProgress(RecallBook book, QuestionShelf questions) {
        this.book = book;
        this.questions = questions;
    }

    /**
     * One kind of question in one dance.
     *
     * @param seen questions that have been asked
     * @param due of them, due now
     * @param recall how likely one of them is recalled now, on average; left out where none has been asked
     * @param holds days after which nine of ten would still be recalled: for half of the questions longer
     * @param sound answers that were right, of {@code answers}, with the range that so few can say
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record ProgressLine(
            String dance,
            String ask,
            int seen,
            int due,
            Optional<Double> recall,
            Optional<Double> holds,
            long sound,
            long answers,
            double low,
            double high) {}

    /** Only what has been begun; nothing of a dance in which nothing was asked. */
    @GetMapping
    List<ProgressLine> progress(@RequestParam(defaultValue = "") String who) {
        Instant now = book.now();
        Fsrs model = new Fsrs(Fsrs.USUALLY_WANTED);
        Map<String, List<Reviewed>> states = new LinkedHashMap<>();
        for (Reviewed state : book.of(who)) {
            questions
                    .find(state.card())
                    .ifPresent(question -> states.computeIfAbsent(
                                    key(question.dance(), question.ask()), key -> new ArrayList<>())
                            .add(state));
        }
        Map<String, AnswerRows.Marks> marks = new LinkedHashMap<>();
        book.marks(who).forEach(one -> marks.put(one.getDance() + " " + one.getAsked(), one));
        List<ProgressLine> lines = new ArrayList<>();
        for (Dance dance : Dance.values()) {
            for (Ask ask : Ask.values()) {
                List<Reviewed> known = states.getOrDefault(key(dance, ask), List.of());
                AnswerRows.Marks mark = marks.get(key(dance, ask));
                if (known.isEmpty() && mark == null) continue;
                Rate rate = mark == null ? new Rate(0, 0) : new Rate((int) mark.getSound(), (int) mark.getAnswers());
                lines.add(new ProgressLine(
                        dance.toString(),
                        ask.toString(),
                        known.size(),
                        (int) known.stream().filter(state -> state.isDue(now)).count(),
                        known.isEmpty()
                                ? Optional.empty()
                                : Optional.of(known.stream()
                                        .mapToDouble(state -> model.recall(state.memory(), state.days(now)))
                                        .average()
                                        .orElseThrow()),
                        median(known),
                        rate.times(),
                        rate.of(),
                        rate.low(),
                        rate.high()));
            }
        }
        return lines;
    }

    private static Optional<Double> median(List<Reviewed> known) {
        if (known.isEmpty()) return Optional.empty();
        double[] stabilities = known.stream()
                .mapToDouble(state -> state.memory().stability())
                .sorted()
                .toArray();
        return Optional.of(Math.round(stabilities[stabilities.length / 2] * 10) / 10.0);
    }

    private static String key(Dance dance, Ask ask) {
        return dance + " " + ask;
    }
}
