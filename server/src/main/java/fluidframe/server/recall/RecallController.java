package fluidframe.server.recall;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.chart.Identity;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.recall.Answers;
import fluidframe.core.recall.Ask;
import fluidframe.core.recall.Question;
import fluidframe.core.review.Fsrs;
import fluidframe.core.review.Grade;
import fluidframe.core.review.Reviewed;
import fluidframe.core.review.Sitting;
import fluidframe.server.access.OpenTo;
import fluidframe.server.repertoire.FigureShelf;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Questions from the charts over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/recall")
class RecallController {
    private static final int MOST = 200;

    private final QuestionShelf questions;
    private final RecallBook book;
    private final FigureShelf shelf;

    RecallController(QuestionShelf questions, RecallBook book, FigureShelf shelf) {
        this.questions = questions;
        this.book = book;
        this.shelf = shelf;
    }

    /**
     * A question without its answer.
     *
     * @param row from 1; 0 where it is about the figure as a whole
     * @param seen how often it was asked
     * @param stability days after which nine of ten such questions are still recalled; left out for one never asked
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record QuestionView(
            String id,
            String figure,
            String name,
            String dance,
            String role,
            int row,
            String ask,
            String given,
            List<String> choices,
            int seen,
            Optional<Double> stability,
            Optional<Double> recall) {}

    /**
     * Questions for one sitting.
     *
     * @param due how many are due, also those for another sitting
     * @param fresh how many have never been asked
     * @param next when the next one becomes due, if none is now
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record SittingView(List<QuestionView> questions, int due, int fresh, Optional<Instant> next) {}

    @GetMapping("/sitting")
    SittingView sitting(
            @RequestParam(defaultValue = "") String who,
            @RequestParam(defaultValue = "all") String dance,
            @RequestParam(defaultValue = "") String role,
            @RequestParam(defaultValue = "") List<String> ask,
            @RequestParam(defaultValue = "") String level,
            @RequestParam(defaultValue = "20") int most,
            @RequestParam(defaultValue = "10") int mostFresh,
            @RequestParam(defaultValue = "0.9") double wanted) {
        book.check(who);
        Fsrs model = new Fsrs(wanted);
        Map<String, Question> asked = wanted(dance, role, ask, level);
        Map<String, Reviewed> states = book.of(who).stream()
                .filter(state -> asked.containsKey(state.card()))
                .collect(Collectors.toMap(Reviewed::card, Function.identity()));
        Instant now = book.now();
        List<String> fresh = new ArrayList<>(asked.keySet());
        fresh.removeAll(states.keySet());
        int left = fresh.size();
        // Not figure by figure, so that one answer does not give away the next; the same until some have been answered.
        Collections.shuffle(fresh, new Random(who.hashCode() * 31L + states.size()));
        List<Reviewed> known = List.copyOf(states.values());
        List<QuestionView> views = Sitting.of(known, fresh, within(most), within(mostFresh), model, now).stream()
                .map(id -> view(asked.get(id), Optional.ofNullable(states.get(id)), model, now))
                .toList();
        int due = (int) known.stream().filter(state -> state.isDue(now)).count();
        Optional<Instant> next =
                known.stream().map(Reviewed::due).filter(at -> at.isAfter(now)).min(Instant::compareTo);
        return new SittingView(views, due, left, next);
    }

    /** Questions of an examination: any of those wanted, the same for the same {@code seed}; nothing is kept. */
    @GetMapping("/paper")
    List<QuestionView> paper(
            @RequestParam(defaultValue = "all") String dance,
            @RequestParam(defaultValue = "") String role,
            @RequestParam(defaultValue = "") List<String> ask,
            @RequestParam(defaultValue = "") String level,
            @RequestParam(defaultValue = "30") int most,
            @RequestParam long seed) {
        List<Question> all = new ArrayList<>(wanted(dance, role, ask, level).values());
        Collections.shuffle(all, new Random(seed));
        Fsrs model = new Fsrs(Fsrs.USUALLY_WANTED);
        return all.stream()
                .limit(within(most))
                .map(question -> view(question, Optional.empty(), model, book.now()))
                .toList();
    }

    private static int within(int most) {
        if (most < 0 || most > MOST) {
            throw new IllegalArgumentException(
                    "In one sitting are 0 to " + MOST + " questions, but wanted were " + most);
        }
        return most;
    }

    private Map<String, Question> wanted(String dance, String role, List<String> ask, String level) {
        List<Dance> dances = dance.equals("all") ? Arrays.asList(Dance.values()) : List.of(Dance.parse(dance));
        Optional<Role> of = role.isEmpty() ? Optional.empty() : Optional.of(Role.parse(role));
        List<Ask> kinds =
                ask.stream().filter(word -> !word.isBlank()).map(Ask::parse).toList();
        Optional<Identity.Level> on = level.isEmpty() ? Optional.empty() : Optional.of(level(level));
        return dances.stream()
                .flatMap(one -> questions.of(one).values().stream())
                .filter(question -> of.isEmpty() || question.role() == of.get() || question.ask() == Ask.FOLLOWS)
                .filter(question -> kinds.isEmpty() || kinds.contains(question.ask()))
                .filter(question -> on.isEmpty() || isOn(question, on.get()))
                .collect(Collectors.toMap(Question::id, Function.identity(), (one, other) -> one, LinkedHashMap::new));
    }

    private static Identity.Level level(String word) {
        for (Identity.Level level : Identity.Level.values()) {
            if (level.name().toLowerCase(Locale.ROOT).equals(word)) return level;
        }
        throw new IllegalArgumentException("A level must be bronze, silver, gold or open, but was \"" + word + "\"");
    }

    private boolean isOn(Question question, Identity.Level level) {
        return shelf.repertoire()
                .chart(question.figure())
                .map(chart -> chart.identity().levels().containsValue(level))
                .orElse(false);
    }

    private static QuestionView view(Question question, Optional<Reviewed> state, Fsrs model, Instant now) {
        return new QuestionView(
                question.id(),
                question.figure(),
                question.name(),
                question.dance().toString(),
                question.role().toString(),
                question.row(),
                question.ask().toString(),
                question.given(),
                question.choices(),
                state.map(Reviewed::seen).orElse(0),
                state.map(known -> rounded(known.memory().stability())),
                state.map(known -> rounded(model.recall(known.memory(), known.days(now)))));
    }

    private static double rounded(double value) {
        return Math.round(value * 1000) / 1000.0;
    }

    /** An answer as it was given. */
    record GivenAnswer(@NotNull String card, @NotNull String given) {}

    /**
     * What an answer is worth.
     *
     * @param verdict right, wrong or unread
     * @param why what cannot be read about it; blank otherwise
     * @param answer as the chart has it; left out while the answer may be said again
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record JudgedAnswer(String verdict, String why, Optional<String> answer) {
        static JudgedAnswer of(Answers.Judgement judgement, Question question) {
            boolean unread = judgement.verdict() == Answers.Verdict.UNREAD;
            return new JudgedAnswer(
                    judgement.verdict().name().toLowerCase(Locale.ROOT),
                    judgement.why(),
                    unread ? Optional.empty() : Optional.of(question.answer()));
        }
    }

    /** Nothing is kept. Who says nothing does not know, which is not right. */
    @PostMapping("/judge")
    JudgedAnswer judge(@RequestBody @Valid GivenAnswer given) {
        Question question = questions.get(given.card());
        return JudgedAnswer.of(judgement(question, given.given()), question);
    }

    private Answers.Judgement judgement(Question question, String given) {
        return given.isBlank()
                ? new Answers.Judgement(Answers.Verdict.WRONG, "")
                : questions.answers().judge(question, given);
    }

    /**
     * An answer to be kept.
     *
     * @param grade again, hard, good or easy, as it felt; what was not right is asked again whatever is said
     * @param wanted the share that shall be recalled, 0.7 to 0.97
     */
    record KeptAnswer(
            @NotNull String who,
            @NotNull String card,
            @NotNull String given,
            @NotNull String grade,
            double wanted) {}

    /** What is remembered from now on, and in how many days it is asked again; none for the same sitting. */
    record RemindedView(JudgedAnswer judged, double stability, double difficulty, Instant due, long days) {}

    @PostMapping("/answers")
    RemindedView answer(@RequestBody @Valid KeptAnswer kept) {
        book.check(kept.who());
        Fsrs model = new Fsrs(kept.wanted());
        Question question = questions.get(kept.card());
        Answers.Judgement judgement = judgement(question, kept.given());
        if (judgement.verdict() == Answers.Verdict.UNREAD) throw new IllegalArgumentException(judgement.why());
        Grade felt = grade(kept.grade());
        Grade grade = judgement.verdict() == Answers.Verdict.RIGHT ? felt : Grade.AGAIN;
        Reviewed after = book.answered(kept.who(), question, judgement.verdict(), grade, model);
        return new RemindedView(
                JudgedAnswer.of(judgement, question),
                rounded(after.memory().stability()),
                rounded(after.memory().difficulty()),
                after.due(),
                grade == Grade.AGAIN ? 0 : model.interval(after.memory()));
    }

    private static Grade grade(String word) {
        for (Grade grade : Grade.values())
            if (grade.name().toLowerCase(Locale.ROOT).equals(word)) return grade;
        throw new IllegalArgumentException("It was again, hard, good or easy, but was \"" + word + "\"");
    }
}
