package fluidframe.server.access;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Who was let in and shut out, what was tried wrongly and what was changed from outside: the last five hundred lines. */
@Service
public class Audit {
    private static final Logger LOG = LoggerFactory.getLogger(Audit.class);
    private static final int KEPT = 500;
    private static final int LONGEST = 200;

    private final AuditRows rows;
    private final TransactionTemplate transaction;
    private final Clock clock;

    Audit(AuditRows rows, PlatformTransactionManager transactions, Clock clock) {
        this.rows = rows;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    /** One line. */
    public record Line(Instant at, String what, String about) {}

    /** Writes a line; where the disk refuses it, what it is about goes on all the same and the log has it. */
    public void note(String what, String about) {
        String cut = about.substring(0, Math.min(LONGEST, about.length()));
        try {
            transaction.executeWithoutResult(status -> {
                rows.save(new AuditRow(clock.instant().truncatedTo(ChronoUnit.MICROS), what, cut));
                List<AuditRow> newest = rows.newest(Limit.of(KEPT + 1));
                if (newest.size() > KEPT) rows.deleteUpTo(newest.get(KEPT).id());
            });
        } catch (RuntimeException e) {
            // Also a full disk, which the store says in its own way: letting in and shutting out do not wait for a
            // line.
            LOG.warn("Not written down: {}, {}", what, cut, e);
        }
    }

    /** No line is about a device of this name any more. */
    void forget(String device) {
        String quoted = device.replaceAll("[!%_]", "!$0");
        transaction.executeWithoutResult(status -> rows.deleteAbout(device, quoted + ", %"));
    }

    /** The newest first. */
    public List<Line> newest(int most) {
        return rows.newest(Limit.of(most)).stream().map(AuditRow::line).toList();
    }
}
