package fluidframe.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** What a passphrase was made into; there is one row or none. */
@Entity
@Table(name = "coach_lock")
class LockRow {
    static final int ONLY = 1;

    @Id
    private int id;

    private String hash;
    private Instant setAt;

    protected LockRow() {}

    LockRow(String hash, Instant setAt) {
        this.id = ONLY;
        this.hash = hash;
        this.setAt = setAt;
    }

    String hash() {
        return hash;
    }
}
