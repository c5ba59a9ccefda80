package fluidframe.server.log;

import fluidframe.core.couple.Role;
import fluidframe.core.log.Entry;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

/** An entry of the log as the database keeps it. */
@Entity
@Table(name = "log_entry")
class LogRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private Instant at;
    private String subjectKind;
    private String subjectId;
    private String subjectName;
    private String whom;
    private String run;
    private double fromBeat;
    private double toBeat;
    private double tempo;
    private String figure;
    private String figureName;
    private String role;
    private Integer step;
    private String seen;
    private String cue;

    protected LogRow() {}

    LogRow(Entry entry, Instant at) {
        this.at = at;
        this.subjectKind = entry.subject().kind();
        this.subjectId = entry.subject().id();
        this.subjectName = entry.subject().name();
        this.whom = entry.whom();
        this.run = entry.run().key();
        this.fromBeat = entry.run().from();
        this.toBeat = entry.run().to();
        this.tempo = entry.run().tempo();
        entry.fault().ifPresent(fault -> {
            this.figure = fault.figure();
            this.figureName = fault.figureName();
            this.role = fault.role().toString();
            this.step = fault.row();
            this.seen = fault.seen();
            this.cue = fault.cue();
        });
    }

    Entry entry() {
        return new Entry(
                new Entry.Subject(subjectKind, subjectId, subjectName),
                new Entry.Run(run, fromBeat, toBeat, tempo),
                Optional.ofNullable(seen)
                        .map(what -> new Entry.Fault(figure, figureName, Role.parse(role), step, what, cue)),
                whom);
    }

    Long id() {
        return id;
    }

    Instant at() {
        return at;
    }
}
