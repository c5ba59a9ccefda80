package fluidframe.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SittingTest {
    private static final Instant NOW = Instant.parse("2026-11-27T18:30:00Z");
    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final Fsrs MODEL = new Fsrs(Fsrs.USUALLY_WANTED);

    private static Reviewed asked(String card, double stability, int daysAgo, int dueInDays) {
        return new Reviewed(
                card,
                new Memory(stability, 5),
                NOW.minus(Duration.ofDays(daysAgo)),
                NOW.plus(Duration.ofDays(dueInDays)),
                3,
                0);
    }

    @Test
    void whatIsMostNearlyForgottenComesFirstWithANewOneNowAndThen() {
        List<Reviewed> known = List.of(
                asked("firm", 30, 31, -1),
                asked("gone", 2, 31, -29),
                asked("later", 30, 3, 27),
                asked("weak", 5, 31, -26));
        assertThat(Sitting.of(known, List.of("new", "newer", "newest"), 20, 2, MODEL, NOW))
                .containsExactly("gone", "weak", "new", "firm", "newer");
        assertThat(Sitting.of(known, List.of("new"), 2, 1, MODEL, NOW)).containsExactly("gone", "weak");
        assertThat(Sitting.of(List.of(), List.of("new", "newer"), 20, 9, MODEL, NOW))
                .containsExactly("new", "newer");
        assertThat(Sitting.of(known, List.of(), 20, 9, MODEL, NOW)).containsExactly("gone", "weak", "firm");
        assertThat(Sitting.of(List.of(), List.of(), 20, 9, MODEL, NOW)).isEmpty();
    }

    @Test
    void whatIsRecalledIsDueAtTheBeginningOfADayAndWhatIsNotInTwoMinutes() {
        Reviewed first = Reviewed.after(Optional.empty(), "a", Grade.GOOD, NOW, MODEL, ZONE);
        assertThat(first.due()).isEqualTo(Instant.parse("2026-11-28T23:00:00Z"));
        assertThat(first.seen()).isEqualTo(1);
        Reviewed lapsed = Reviewed.after(Optional.of(first), "a", Grade.AGAIN, NOW, MODEL, ZONE);
        assertThat(lapsed.due()).isEqualTo(NOW.plusSeconds(120));
        assertThat(lapsed.lapses()).isEqualTo(1);
        assertThat(Reviewed.after(Optional.empty(), "b", Grade.AGAIN, NOW, MODEL, ZONE)
                        .lapses())
                .isZero();
        assertThat(first.days(NOW.minusSeconds(3600))).isZero();
    }

    @Test
    void whoeverRecallsEverythingSeesItEverMoreSeldom() {
        Optional<Reviewed> card = Optional.empty();
        Instant at = NOW;
        long last = 0;
        for (int i : IntStream.range(0, 6).toArray()) {
            Reviewed next = Reviewed.after(card, "a", Grade.GOOD, at, MODEL, ZONE);
            long days = Duration.between(at, next.due()).toDays();
            assertThat(days).as("review " + i).isGreaterThanOrEqualTo(last);
            last = days;
            at = next.due().plusSeconds(3600);
            card = Optional.of(next);
        }
        assertThat(last).isGreaterThan(100);
    }
}
