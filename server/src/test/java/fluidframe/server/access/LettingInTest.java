package fluidframe.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import fluidframe.server.refusal.TooOftenException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class LettingInTest {
    private static final Instant BEGIN = Instant.parse("2026-03-01T18:00:00Z");

    private final Devices devices = mock();
    private final Audit audit = mock();
    private final Clock clock = mock();
    private final LettingIn door = new LettingIn(devices, audit, clock);

    @BeforeEach
    void begin() {
        at(Duration.ZERO);
        when(devices.letIn(anyString(), any())).thenReturn("token");
    }

    private void at(Duration after) {
        when(clock.instant()).thenReturn(BEGIN.plus(after));
    }

    private static String other(String digits) {
        return (digits.charAt(0) == '9' ? "0" : "9") + digits.substring(1);
    }

    @Test
    void theRightCodeLetsInAsManyAsThereAreForTenMinutes() {
        String code = door.make(Optional.of("couple")).digits();
        assertThat(code).matches("\\d{6}");
        assertThat(door.enter(code.substring(0, 3) + " " + code.substring(3), " Red phone ", "a"))
                .isEqualTo("token");
        verify(devices).letIn("Red phone", Optional.of("couple"));
        at(Duration.ofMinutes(10).minusSeconds(1));
        door.enter(code, "Other", "b");
        at(Duration.ofMinutes(10));
        assertThat(door.current()).isEmpty();
        assertThatThrownBy(() -> door.enter(code, "Late", "c")).hasMessageContaining("older than ten minutes");
    }

    @Test
    void aNewCodeTakesThePlaceOfTheOldOneAndAWithdrawnOneLetsNobodyIn() {
        String old = door.make(Optional.empty()).digits();
        String fresh = door.make(Optional.empty()).digits();
        if (!old.equals(fresh)) assertThatThrownBy(() -> door.enter(old, "Phone", "a"));
        door.enter(fresh, "Phone", "a");
        door.withdraw();
        assertThatThrownBy(() -> door.enter(fresh, "Phone", "a")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aDeviceWithoutANameIsNotLetInAndThatIsNoTry() {
        String code = door.make(Optional.empty()).digits();
        for (int i = 0; i < 10; i++)
            assertThatThrownBy(() -> door.enter(code, " ", "a")).hasMessageContaining("called");
        assertThatThrownBy(() -> door.enter(code, "x".repeat(41), "a")).hasMessageContaining("40");
        door.enter(code, "x".repeat(40), "a");
    }

    @Test
    void guessingFromOnePlaceIsCutOffThereEvenForTheRightCode() {
        door.make(Optional.empty());
        for (int i = 0; i < 5; i++) {
            String wrong = other(door.current().map(LettingIn.Code::digits).orElse("000000"));
            assertThatThrownBy(() -> door.enter(wrong, "Phone", "a")).isInstanceOf(IllegalArgumentException.class);
        }
        String code = door.make(Optional.empty()).digits();
        assertThatThrownBy(() -> door.enter(code, "Phone", "a")).isInstanceOf(TooOftenException.class);
        door.enter(code, "Phone", "b");
    }

    @Test
    void wrongCodesCountAlsoWhereNothingCanBeWrittenDown() {
        String code = door.make(Optional.empty()).digits();
        doThrow(new IllegalStateException("the disk is full")).when(audit).note(anyString(), anyString());
        for (int i = 0; i < 5; i++) {
            String address = "guess " + i;
            assertThatThrownBy(() -> door.enter(other(code), "Phone", address)).isInstanceOf(RuntimeException.class);
        }
        assertThat(door.current()).isEmpty();
    }

    @Test
    void guessingFromManyPlacesAtOnceTriesFiveCodesAtTheMost() throws Exception {
        String code = door.make(Optional.empty()).digits();
        AtomicInteger letIn = new AtomicInteger();
        List<Callable<Void>> guesses = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            String address = "guess " + i;
            String guess = i < 100 ? other(code) : code;
            guesses.add(() -> {
                try {
                    door.enter(guess, "Phone", address);
                    letIn.incrementAndGet();
                } catch (IllegalArgumentException refused) {
                    assertThat(refused).hasMessageContaining("does not let in");
                }
                return null;
            });
        }
        ExecutorService pool = Executors.newFixedThreadPool(16);
        // The wrong ones are all done before the right one is tried.
        for (Future<Void> done : pool.invokeAll(guesses.subList(0, 100))) done.get();
        for (Future<Void> done : pool.invokeAll(guesses.subList(100, 200))) done.get();
        pool.shutdown();
        assertThat(letIn).hasValue(0);
        verify(audit, times(1)).note("code withdrawn", "after 5 wrong ones");
    }
}
