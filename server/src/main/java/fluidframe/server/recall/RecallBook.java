package fluidframe.server.recall;

import fluidframe.core.people.Dancer;
import fluidframe.core.recall.Answers;
import fluidframe.core.recall.Question;
import fluidframe.core.review.Fsrs;
import fluidframe.core.review.Grade;
import fluidframe.core.review.Reviewed;
import fluidframe.server.people.PeopleView;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.store.Documents;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps what is remembered. */
@Service
public class RecallBook {
    private final StateRows states;
    private final AnswerRows answers;
    private final Documents<Dancer, PeopleView.DancerSummary> dancers;
    private final TransactionTemplate transaction;
    private final Clock clock;

    RecallBook(
            StateRows states,
            AnswerRows answers,
            Documents<Dancer, PeopleView.DancerSummary> dancers,
            PlatformTransactionManager transactions,
            Clock clock) {
        this.states = states;
        this.answers = answers;
        this.dancers = dancers;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    /** Refuses an id that is no dancer's; blank is the coach. */
    void check(String who) {
        if (!who.isEmpty() && dancers.find(who).isEmpty()) {
            throw new NotFoundException("There is no dancer \"" + who + "\"");
        }
    }

    Instant now() {
        return clock.instant();
    }

    /** What somebody remembers of every question asked. */
    @Transactional(readOnly = true)
    public List<Reviewed> of(String who) {
        return states.of(who).stream().map(StateRow::reviewed).toList();
    }

    @Transactional(readOnly = true)
    List<AnswerRows.Marks> marks(String who) {
        return answers.marks(who);
    }

    /** What is remembered after an answer; one after the other, for each goes on from the one before. */
    synchronized Reviewed answered(String who, Question question, Answers.Verdict verdict, Grade grade, Fsrs model) {
        Reviewed after = transaction.execute(status -> {
            Optional<Reviewed> before =
                    states.findById(new StateRow.Key(who, question.id())).map(StateRow::reviewed);
            Reviewed next =
                    Reviewed.after(before, question.id(), grade, clock.instant(), model, ZoneId.systemDefault());
            states.save(new StateRow(who, next));
            mark(who, question, verdict);
            return next;
        });
        return Objects.requireNonNull(after);
    }

    /** Takes over what somebody has long been asked. */
    @Transactional
    public void furnish(String who, List<Reviewed> reviewed) {
        states.saveAll(reviewed.stream().map(one -> new StateRow(who, one)).toList());
    }

    private void mark(String who, Question question, Answers.Verdict verdict) {
        answers.save(new AnswerRow(who, question, clock.instant(), verdict == Answers.Verdict.RIGHT));
    }

    /** What was answered and what that is worth. */
    record Marked(Question question, Answers.Verdict verdict) {}

    /** Answers that change nothing of when something is asked again, such as those of an examination: all or none. */
    @Transactional
    void markAll(String who, List<Marked> marked) {
        marked.forEach(one -> mark(who, one.question(), one.verdict()));
    }

    /** How many answers of somebody there are. */
    @Transactional(readOnly = true)
    public long count(String who) {
        return answers.countByWho(who);
    }

    /** Everything of somebody, for good. */
    @Transactional
    public void erase(String who) {
        states.erase(who);
        answers.erase(who);
    }
}
