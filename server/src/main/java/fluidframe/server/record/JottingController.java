package fluidframe.server.record;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.couple.Role;
import fluidframe.core.jotting.Jotting;
import fluidframe.core.jotting.Names;
import fluidframe.server.access.OpenTo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Lines typed in passing. */
@RestController
@OpenTo
@RequestMapping("/api/jottings")
class JottingController {
    private final Jottings jottings;

    JottingController(Jottings jottings) {
        this.jottings = jottings;
    }

    /**
     * A line, and what was chosen where it was not sure.
     *
     * @param dance whose figures are meant first
     * @param lesson in which it is typed
     * @param whom id of a couple or group
     * @param subject id of a figure or routine
     */
    record JottingWanted(
            @NotNull String line,
            Optional<String> dance,
            Optional<String> lesson,
            Optional<String> whom,
            Optional<String> subject,
            Optional<Integer> row,
            Optional<String> role) {}

    /** Something a line may mean. */
    record JottingChoice(String kind, String id, String name, String dance, int rows) {
        static JottingChoice of(Names.Named named) {
            return new JottingChoice(named.kind(), named.id(), named.name(), named.dance(), named.rows());
        }
    }

    /**
     * A line as it is understood; nothing is kept.
     *
     * @param kind fault, clean, taught, promise or note
     * @param whom the one taken, left out if nobody is named; {@code people} are the choices where it is not sure
     * @param missing what has to be said before it can be kept, one sentence each
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record JottingView(
            String kind,
            Optional<JottingChoice> whom,
            List<JottingChoice> people,
            Optional<JottingChoice> subject,
            List<JottingChoice> subjects,
            int row,
            int bar,
            Optional<String> role,
            String seen,
            String cause,
            String cue,
            Optional<Double> tempo,
            String date,
            int times,
            int of,
            boolean otherSide,
            List<String> missing) {
        static JottingView of(Jottings.Understood understood) {
            Jotting line = understood.line();
            return new JottingView(
                    line.kind().name().toLowerCase(Locale.ROOT),
                    understood.whom().map(JottingChoice::of),
                    line.people().stream().map(JottingChoice::of).toList(),
                    understood.subject().map(JottingChoice::of),
                    line.subjects().stream().map(JottingChoice::of).toList(),
                    line.row(),
                    line.bar(),
                    line.role().map(Role::toString),
                    line.seen(),
                    line.cause(),
                    line.cue(),
                    line.tempo().isPresent() ? Optional.of(line.tempo().getAsDouble()) : Optional.empty(),
                    line.date().toString(),
                    line.runs().times(),
                    line.runs().of(),
                    line.otherSide(),
                    understood.missing());
        }
    }

    /**
     * What was kept: in the log or as taught, under an id by which it can be taken back, or written elsewhere.
     *
     * @param more ids of the other entries, where several runs were told in one line
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record JottingKept(String into, Optional<Long> id, List<Long> more, String message) {}

    @PostMapping("/read")
    JottingView read(@RequestBody @Valid JottingWanted wanted) {
        return JottingView.of(jottings.read(wanted));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    JottingKept keep(@RequestBody @Valid JottingWanted wanted) {
        return jottings.keep(wanted);
    }
}
