package fluidframe.server.log;

import fluidframe.core.log.Entry;
import fluidframe.core.log.Logged;
import fluidframe.server.refusal.NotFoundException;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the log. */
@Service
public class LogBook {
    /** Of one figure or routine; what is older no longer says how it is danced now. */
    private static final Limit MOST = Limit.of(500);

    private static final int LONGEST_PAGE = 200;

    private static final Instant LONG_AGO = Instant.parse("1900-01-01T00:00:00Z");

    /** After everything that can be kept. */
    private static final Instant FAR_AHEAD = Instant.parse("9999-01-01T00:00:00Z");

    private final LogRows rows;
    private final Clock clock;

    LogBook(LogRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** An entry under its number. */
    public record Kept(long id, Instant at, Entry entry) {
        static Kept of(LogRow row) {
            return new Kept(row.id(), row.at(), row.entry());
        }
    }

    /** As seen just now. */
    @Transactional
    public Kept keep(Entry entry) {
        return keep(entry, clock.instant());
    }

    /** As seen just now, unless something of the same run and couple was kept before: whoever got no answer asks again. */
    @Transactional
    public Kept keepOnce(Entry entry) {
        return rows.findByRunAndCoupleId(entry.run().key(), entry.whom().couple()).stream()
                .findFirst()
                .map(Kept::of)
                .orElseGet(() -> keep(entry));
    }

    /** As seen at a time. */
    @Transactional
    public Kept keep(Entry entry, Instant at) {
        return Kept.of(rows.save(new LogRow(entry, at.truncatedTo(ChronoUnit.MICROS))));
    }

    /** Many at once, as seen at their times. */
    @Transactional
    public List<Kept> keepAll(List<Logged> entries) {
        List<LogRow> all = entries.stream()
                .map(logged -> new LogRow(logged.entry(), logged.at().truncatedTo(ChronoUnit.MICROS)))
                .toList();
        return rows.saveAll(all).stream().map(Kept::of).toList();
    }

    /** Of one figure or routine, of everybody where {@code couple} is blank; the newest first. */
    @Transactional(readOnly = true)
    public List<Kept> of(String kind, String id, String couple) {
        return rows.of(kind, id, couple, MOST).stream().map(Kept::of).toList();
    }

    /** In one lesson, the newest first. */
    @Transactional(readOnly = true)
    public List<Kept> ofLesson(String lesson) {
        return rows.ofLesson(lesson, MOST).stream().map(Kept::of).toList();
    }

    /** Of everybody, the newest first. */
    @Transactional(readOnly = true)
    public List<Kept> newest(int most) {
        return rows.newest(Limit.of(most)).stream().map(Kept::of).toList();
    }

    /** Of a couple or group since a time, the earliest first. */
    @Transactional(readOnly = true)
    public List<Logged> since(String couple, Instant since) {
        return rows.since(couple, since).stream().map(LogRow::logged).toList();
    }

    /**
     * Of a couple or group, the newest first.
     *
     * @param after where the page begins, as a page before gave it; blank for the newest
     */
    @Transactional(readOnly = true)
    public LogLine.LogPage page(String couple, String after, int limit) {
        int most = Math.max(1, Math.min(limit, LONGEST_PAGE));
        Place place = Place.parse(after);
        List<LogRow> found = rows.before(couple, place.at(), place.id(), Limit.of(most + 1));
        List<LogRow> shown = found.subList(0, Math.min(most, found.size()));
        Optional<String> next = found.size() > most
                ? Optional.of(Place.of(shown.get(shown.size() - 1)).toString())
                : Optional.empty();
        return new LogLine.LogPage(
                shown.stream().map(Kept::of).map(LogLine::of).toList(), rows.countByCoupleId(couple), next);
    }

    /** The last entry of a page. */
    private record Place(Instant at, long id) {
        static Place of(LogRow row) {
            return new Place(row.at(), row.id());
        }

        static Place parse(String text) {
            if (text.isBlank()) return new Place(FAR_AHEAD, Long.MAX_VALUE);
            String[] parts = text.split("~", -1);
            try {
                if (parts.length == 2) return new Place(Instant.parse(parts[0]), Long.parseLong(parts[1]));
            } catch (DateTimeException | NumberFormatException e) {
                // Told below, with the same words.
            }
            throw new IllegalArgumentException(
                    "The place to go on from must be one that a page gave, but was \"" + text + "\"");
        }

        @Override
        public String toString() {
            return at + "~" + id;
        }
    }

    /** How many entries there are of a couple or group. */
    @Transactional(readOnly = true)
    public long count(String couple) {
        return rows.countByCoupleId(couple);
    }

    /** What was seen, written anew; who danced what stays. */
    @Transactional
    public Kept change(long id, Instant at, OptionalDouble tempo, Optional<Entry.Fault> fault) {
        if (at.isBefore(LONG_AGO) || at.isAfter(clock.instant().plus(1, ChronoUnit.DAYS))) {
            throw new IllegalArgumentException(
                    "What was seen must lie between the year 1900 and today, but was at " + at);
        }
        LogRow row = row(id);
        Entry old = row.entry();
        Entry.Run run = old.run();
        // Refuses what no entry may say.
        new Entry(
                old.subject(),
                new Entry.Run(run.key(), run.from(), run.to(), tempo, run.part(), run.otherSide()),
                fault,
                old.whom());
        row.saw(tempo, fault);
        row.seenAt(at.truncatedTo(ChronoUnit.MICROS));
        return Kept.of(rows.save(row));
    }

    private LogRow row(long id) {
        return rows.findById(id)
                .orElseThrow(() -> new NotFoundException("That entry of the log is not there any more"));
    }

    /** Takes back what was kept by mistake. */
    @Transactional
    public void takeBack(long id) {
        rows.delete(row(id));
    }

    /** Everything of a couple or group, for good. */
    @Transactional
    public void erase(String couple) {
        rows.eraseCouple(couple);
    }

    /** Those faults of a couple that are of somebody who wants to be forgotten, for good; the runs stay. */
    @Transactional
    public int eraseFaults(String couple, Predicate<Entry.Fault> which) {
        List<LogRow> gone = rows.since(couple, Instant.EPOCH).stream()
                .filter(row -> row.entry().fault().filter(which).isPresent())
                .toList();
        rows.deleteAll(gone);
        return gone.size();
    }

    /** The couple or group is called otherwise now. */
    @Transactional
    public void rename(String couple, String name) {
        rows.rename(couple, name);
    }
}
