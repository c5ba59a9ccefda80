package fluidframe.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.server.ApiTest;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

@ApiTest
class WriteGateTest {
    @Autowired
    private PlatformTransactionManager transactions;

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private WriteGate gate;

    private long changes() {
        return database.queryForObject("select changes from studio_mark", Long.class);
    }

    /** Would write beside the test. */
    @MockitoBean
    private Describer describer;

    @Test
    void numbersEveryChangeOfManyAtOnceAndNoneThatIsTakenBack() throws Exception {
        long before = changes();
        TransactionTemplate transaction = new TransactionTemplate(transactions);
        ExecutorService many = Executors.newFixedThreadPool(8);
        List<Future<?>> done = new ArrayList<>();
        for (int i = 0; i < 80; i++) {
            boolean takenBack = i % 4 == 0;
            done.add(many.submit(() -> transaction.executeWithoutResult(status -> {
                if (takenBack) status.setRollbackOnly();
            })));
        }
        for (Future<?> each : done) each.get();
        many.shutdown();
        assertThat(changes()).isEqualTo(before + 60);
    }

    @Test
    void knowsHowLongTheOneIsInsideAndNothingOfTheOneBefore() {
        TransactionTemplate transaction = new TransactionTemplate(transactions);
        assertThat(gate.occupied()).isZero();
        for (int i = 0; i < 2; i++) {
            long before = System.nanoTime();
            transaction.executeWithoutResult(status -> assertThat(gate.occupied())
                    .isPositive()
                    .isLessThanOrEqualTo(Duration.ofNanos(System.nanoTime() - before)));
            assertThat(gate.occupied()).isZero();
        }
        gate.whileNobodyWrites(() -> assertThat(gate.occupied()).isPositive());
        assertThat(gate.occupied()).isZero();
    }

    @Test
    void aChangeThatFailsLeavesTheGateOpen() {
        TransactionTemplate transaction = new TransactionTemplate(transactions);
        long before = changes();
        for (int i = 0; i < 3; i++) {
            assertThatThrownBy(() -> transaction.executeWithoutResult(status -> {
                        throw new IllegalStateException("thought better of it");
                    }))
                    .hasMessage("thought better of it");
        }
        transaction.executeWithoutResult(status -> {});
        assertThat(changes()).isEqualTo(before + 1);
    }

    @Test
    void lookingDoesNotCountAndDoesNotWait() {
        TransactionTemplate looking = new TransactionTemplate(transactions);
        looking.setReadOnly(true);
        long before = changes();
        looking.executeWithoutResult(status -> {});
        assertThat(changes()).isEqualTo(before);
    }
}
