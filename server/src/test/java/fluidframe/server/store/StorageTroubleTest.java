package fluidframe.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.AccessDeniedException;
import java.sql.SQLException;
import org.h2.api.ErrorCode;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;

class StorageTroubleTest {
    @Test
    void findsTheDiskBehindWhatTheDatabaseSays() {
        SQLException full = new SQLException("IO", "90028", ErrorCode.IO_EXCEPTION_1);
        full.initCause(new IOException("No space left on device"));
        assertThat(StorageTrouble.sentence(new DataAccessResourceFailureException("x", full)))
                .hasValueSatisfying(sentence -> assertThat(sentence)
                        .contains("(the disk is full): this was not saved. What was saved before is safe."));
        assertThat(StorageTrouble.sentence(new UncheckedIOException(new IOException("Read-only file system"))))
                .hasValueSatisfying(sentence -> assertThat(sentence).contains("(it is read-only)"));
    }

    @Test
    void doesNotBlameTheDiskForAnythingElse() {
        assertThat(StorageTrouble.sentence(new IllegalStateException("no"))).isEmpty();
        assertThat(StorageTrouble.sentence(
                        new DataAccessResourceFailureException("x", new SQLException("syntax", "42000", 42000))))
                .isEmpty();
    }

    @Test
    void givesReasonsInAFewWords() {
        assertThat(StorageTrouble.reason(new AccessDeniedException("/x"))).isEqualTo("permission denied");
        assertThat(StorageTrouble.reason(new IOException("File too large")))
                .isEqualTo("the largest size of a file is reached");
        assertThat(StorageTrouble.reason(new IOException("odd"))).isEqualTo("it cannot be written");
    }
}
