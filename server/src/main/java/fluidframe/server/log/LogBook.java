package fluidframe.server.log;

import fluidframe.core.log.Entry;
import fluidframe.server.refusal.NotFoundException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the log. */
@Service
class LogBook {
    /** Of one figure or routine; what is older no longer says how it is danced now. */
    private static final Limit MOST = Limit.of(500);

    private final LogRows rows;
    private final Clock clock;

    LogBook(LogRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    @Transactional
    public LogRow keep(Entry entry) {
        return rows.save(new LogRow(entry, clock.instant().truncatedTo(ChronoUnit.MICROS)));
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    public List<LogRow> of(String kind, String id) {
        return rows.of(kind, id, MOST);
    }

    /** Takes back what was kept by mistake. */
    @Transactional
    public void takeBack(long id) {
        LogRow row = rows.findById(id)
                .orElseThrow(() -> new NotFoundException("That entry of the log is not there any more"));
        rows.delete(row);
    }
}
