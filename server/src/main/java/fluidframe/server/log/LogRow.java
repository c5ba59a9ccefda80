package fluidframe.server.log;

import fluidframe.core.couple.Role;
import fluidframe.core.log.Entry;
import fluidframe.core.log.Logged;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

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
    private Double tempo;
    private String coupleId;
    private String lessonId;
    private String part;
    private boolean otherSide;
    private Integer place;
    private String cause;
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
        this.whom = entry.whom().name();
        this.coupleId = entry.whom().couple();
        this.lessonId = entry.whom().lesson();
        this.part = entry.run().part().name().toLowerCase(Locale.ROOT);
        this.otherSide = entry.run().otherSide();
        this.run = entry.run().key();
        this.fromBeat = entry.run().from();
        this.toBeat = entry.run().to();
        saw(entry.run().tempo(), entry.fault());
    }

    /** What was seen is written anew. */
    void saw(OptionalDouble bars, Optional<Entry.Fault> fault) {
        this.tempo = bars.isPresent() ? bars.getAsDouble() : null;
        this.figure = fault.map(Entry.Fault::figure).orElse(null);
        this.figureName = fault.map(Entry.Fault::figureName).orElse(null);
        this.role = fault.map(Entry.Fault::role).map(Role::toString).orElse(null);
        this.step = fault.map(Entry.Fault::row).orElse(null);
        this.place = fault.map(Entry.Fault::place).orElse(null);
        this.seen = fault.map(Entry.Fault::seen).orElse(null);
        this.cause = fault.map(Entry.Fault::cause).orElse(null);
        this.cue = fault.map(Entry.Fault::cue).orElse(null);
    }

    void seenAt(Instant time) {
        this.at = time;
    }

    Entry entry() {
        return new Entry(
                new Entry.Subject(subjectKind, subjectId, subjectName),
                new Entry.Run(
                        run,
                        fromBeat,
                        toBeat,
                        tempo == null ? OptionalDouble.empty() : OptionalDouble.of(tempo),
                        Entry.Part.valueOf(part.toUpperCase(Locale.ROOT)),
                        otherSide),
                Optional.ofNullable(seen).map(this::fault),
                new Entry.Whom(coupleId, whom, lessonId));
    }

    private Entry.Fault fault(String what) {
        return new Entry.Fault(
                figure,
                figureName,
                place == null ? 0 : place,
                Role.parse(role),
                step,
                what,
                cause == null ? "" : cause,
                cue);
    }

    Logged logged() {
        return new Logged(at, entry());
    }

    Long id() {
        return id;
    }

    Instant at() {
        return at;
    }
}
