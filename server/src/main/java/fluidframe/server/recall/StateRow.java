package fluidframe.server.recall;

import fluidframe.core.review.Memory;
import fluidframe.core.review.Reviewed;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/** What somebody remembers of a question, as the database keeps it. */
@Entity
@Table(name = "recall_state")
class StateRow {
    /** @param who id of a dancer; blank for the coach */
    @Embeddable
    record Key(String who, String card) implements Serializable {}

    @EmbeddedId
    private Key key;

    private double stability;
    private double difficulty;
    private Instant at;
    private Instant due;
    private int seen;
    private int lapses;

    protected StateRow() {}

    StateRow(String who, Reviewed reviewed) {
        this.key = new Key(who, reviewed.card());
        this.stability = reviewed.memory().stability();
        this.difficulty = reviewed.memory().difficulty();
        this.at = reviewed.at().truncatedTo(ChronoUnit.MICROS);
        this.due = reviewed.due().truncatedTo(ChronoUnit.MICROS);
        this.seen = reviewed.seen();
        this.lapses = reviewed.lapses();
    }

    Reviewed reviewed() {
        return new Reviewed(key.card(), new Memory(stability, difficulty), at, due, seen, lapses);
    }
}
