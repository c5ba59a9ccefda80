package fluidframe.server.access;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A line of the audit as the database keeps it. */
@Entity
@Table(name = "access_line")
class AuditRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private Instant at;
    private String what;
    private String about;

    protected AuditRow() {}

    AuditRow(Instant at, String what, String about) {
        this.at = at;
        this.what = what;
        this.about = about;
    }

    Long id() {
        return id;
    }

    Audit.Line line() {
        return new Audit.Line(at, what, about);
    }
}
