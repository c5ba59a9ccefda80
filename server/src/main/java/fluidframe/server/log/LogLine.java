package fluidframe.server.log;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.log.Entry;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * An entry kept.
 *
 * @param kind of what was danced, figure or routine, with its id and the name it had
 * @param couple id of the couple or group, blank where it is only said in words
 */
@JsonInclude(JsonInclude.Include.NON_ABSENT)
public record LogLine(
        long id,
        Instant at,
        String kind,
        String subject,
        String name,
        double from,
        double to,
        Optional<Double> tempo,
        Optional<LogController.LogFault> fault,
        String whom,
        String couple,
        String lesson) {
    /** As it is kept. */
    public static LogLine of(LogBook.Kept kept) {
        Entry entry = kept.entry();
        OptionalDouble tempo = entry.run().tempo();
        return new LogLine(
                kept.id(),
                kept.at(),
                entry.subject().kind(),
                entry.subject().id(),
                entry.subject().name(),
                entry.run().from(),
                entry.run().to(),
                tempo.isPresent() ? Optional.of(tempo.getAsDouble()) : Optional.empty(),
                entry.fault().map(LogController.LogFault::of),
                entry.whom().name(),
                entry.whom().couple(),
                entry.whom().lesson());
    }

    /** Some of a long log; {@code next} is where the rest begins, left out at the end. */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    public record LogPage(List<LogLine> lines, long total, Optional<String> next) {}
}
