package fluidframe.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import fluidframe.server.ApiCalls;
import fluidframe.server.refusal.TooOftenException;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;

/** What is written down, forgotten and counted. */
class AuditTest extends ApiCalls {
    @Autowired
    private Audit audit;

    @Autowired
    private Devices devices;

    private List<String> about() {
        return audit.newest(100).stream().map(Audit.Line::about).toList();
    }

    @Test
    void aDeviceThatIsForgottenTakesItsOwnLinesAlongAndNoOthers() {
        String odd = "100%_!<b>";
        devices.letIn(odd, Optional.of("gone"));
        for (String name : List.of(odd, "100%_!<b>2", "100xy!<b>", "100")) audit.note("let in", name + ", from a");
        audit.note("shut out", odd);
        devices.forget("gone");
        assertThat(about()).contains("100%_!<b>2, from a", "100xy!<b>, from a", "100, from a");
        assertThat(about()).doesNotContain(odd, odd + ", from a");
        assertThat(devices.all()).noneMatch(one -> one.name().equals(odd));
    }

    @Test
    void onlyTheLastFiveHundredAreKept() {
        IntStream.range(0, 510).forEach(i -> audit.note("counted", "line " + i));
        assertThat(audit.newest(1000)).hasSize(500);
        assertThat(about().get(0)).isEqualTo("line 509");
    }

    @Test
    void whatCannotBeWrittenDownStopsNobody() {
        PlatformTransactionManager full = mock();
        when(full.getTransaction(any())).thenThrow(new IllegalStateException("the disk is full"));
        Audit refused = new Audit(mock(), full, Clock.systemUTC());
        assertThatCode(() -> refused.note("let in", "Phone")).doesNotThrowAnyException();
    }

    @Test
    void ofManyTriesAtOnceFiveAreTried() {
        Tries tries = new Tries("It was wrong", 5, Duration.ofMinutes(1), System::nanoTime);
        AtomicInteger tried = new AtomicInteger();
        IntStream.range(0, 400).parallel().forEach(i -> {
            try {
                tries.count("one place");
                tried.incrementAndGet();
            } catch (TooOftenException cut) {
                assertThat(cut).hasMessage("It was wrong. Wait a minute, then try again.");
            }
        });
        assertThat(tried).hasValue(5);
    }
}
