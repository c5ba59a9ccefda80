package fluidframe.server.demo;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.couple.Role;
import fluidframe.core.recall.Ask;
import fluidframe.core.review.Fsrs;
import fluidframe.core.review.Grade;
import fluidframe.core.review.Reviewed;
import fluidframe.server.recall.RecallBook;
import fluidframe.server.repertoire.FigureShelf;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.springframework.stereotype.Component;

/** Three weeks of questions that the coach of the demo studio has answered. */
@Component
class DemoRecall {
    private static final List<String> FIGURES = List.of(
            "waltz.natural-turn", "waltz.natural-spin-turn", "waltz.whisk", "rumba.fan", "rumba.open-hip-twist");
    private static final List<Ask> ASKED = List.of(Ask.ALIGNMENT, Ask.TURN, Ask.FOOTWORK);
    private static final int CARDS = 60;
    private static final int DAYS = 21;
    private static final double RECALLED = 0.85;
    private static final Duration LEFT = Duration.ofDays(2);

    private final FigureShelf shelf;
    private final RecallBook book;
    private final Clock clock;

    DemoRecall(FigureShelf shelf, RecallBook book, Clock clock) {
        this.shelf = shelf;
        this.book = book;
        this.clock = clock;
    }

    void furnish() {
        Random random = new Random(4);
        Fsrs model = new Fsrs(Fsrs.USUALLY_WANTED);
        Instant now = clock.instant();
        // What became due since then is still to be answered, at whatever hour of the day the studio is furnished.
        Instant answeredUntil = now.minus(LEFT);
        List<Reviewed> states = new ArrayList<>();
        for (String card : cards()) {
            Instant at = now.minus(Duration.ofDays(DAYS - random.nextInt(DAYS / 2)));
            Optional<Reviewed> state = Optional.empty();
            while (at.isBefore(answeredUntil)) {
                Grade grade = random.nextDouble() < RECALLED ? Grade.GOOD : Grade.AGAIN;
                Reviewed next = Reviewed.after(state, card, grade, at, model, ZoneId.systemDefault());
                state = Optional.of(next);
                at = next.due().plus(Duration.ofHours(18));
            }
            state.ifPresent(states::add);
        }
        book.furnish("", states);
    }

    private List<String> cards() {
        List<String> cards = new ArrayList<>();
        for (String figure : FIGURES) {
            Chart chart = shelf.shipped(figure).orElseThrow();
            for (Role role : Role.values()) {
                for (int row = 1; row <= chart.steps(role).size(); row++) {
                    for (Ask ask : ASKED) {
                        Column column = ask.column().orElseThrow();
                        boolean asked = row > 1
                                && !column.of(chart.steps(role).get(row - 1), chart.dance())
                                        .isEmpty();
                        if (asked && cards.size() < CARDS) cards.add(ask.cardOf(figure, role, row));
                    }
                }
            }
        }
        return cards;
    }
}
