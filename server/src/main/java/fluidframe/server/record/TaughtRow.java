package fluidframe.server.record;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

/** What was taught, as the database keeps it: with the text it had then. */
@Entity
@Table(name = "taught")
class TaughtRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private Instant at;
    private String coupleId;
    private String subjectKind;
    private String subjectId;
    private String subjectName;
    private long version;

    @Lob
    @Column(columnDefinition = "clob")
    private String text;

    @Lob
    @Column(columnDefinition = "clob")
    private String figures;

    protected TaughtRow() {}

    TaughtRow(Instant at, String couple, String kind, String id, String name, long version, String text) {
        this.at = at;
        this.coupleId = couple;
        this.subjectKind = kind;
        this.subjectId = id;
        this.subjectName = name;
        this.version = version;
        this.text = text;
    }

    /** With the versions of the charts of its figures. */
    void note(String versions) {
        this.figures = versions;
    }

    /** The versions of the charts of its figures; empty where they were not noted. */
    Optional<String> figures() {
        return Optional.ofNullable(figures);
    }

    Long id() {
        return id;
    }

    Instant at() {
        return at;
    }

    String couple() {
        return coupleId;
    }

    String kind() {
        return subjectKind;
    }

    String subject() {
        return subjectId;
    }

    String name() {
        return subjectName;
    }

    long version() {
        return version;
    }

    String text() {
        return text;
    }
}
