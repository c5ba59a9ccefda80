package fluidframe.server.recall;

import fluidframe.core.recall.Question;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/** An answer, as the database keeps it. */
@Entity
@Table(name = "recall_answer")
class AnswerRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String who;
    private String card;
    private String dance;
    private String asked;
    private Instant at;
    private boolean sound;

    protected AnswerRow() {}

    /** @param sound whether it was right */
    AnswerRow(String who, Question question, Instant at, boolean sound) {
        this.who = who;
        this.card = question.id();
        this.dance = question.dance().toString();
        this.asked = question.ask().toString();
        this.at = at.truncatedTo(ChronoUnit.MICROS);
        this.sound = sound;
    }
}
