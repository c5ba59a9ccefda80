package fluidframe.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;

@ApiTest
class DurableCommitsTest {
    @Autowired
    private AbstractPlatformTransactionManager transactions;

    @Test
    void listensToEveryTransaction() {
        assertThat(transactions.getTransactionExecutionListeners()).hasAtLeastOneElementOfType(DurableCommits.class);
    }
}
