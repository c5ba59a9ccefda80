package fluidframe.server.intake;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.library.text.Difference;
import fluidframe.library.text.Problem;
import fluidframe.server.store.Taking;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.lang.Nullable;

/**
 * What a file brings against what is here.
 *
 * @param file its name
 * @param what it is, such as {@code a MIDI file}
 * @param things what in it can be taken; 2000 at the most
 * @param problems what cannot be read, by line and column where there are lines
 * @param notes what the file did not tell or what was changed to fit
 */
public record IntakeView(
        String file, String what, List<BroughtThing> things, List<Problem> problems, List<String> notes) {
    /**
     * A document in a file.
     *
     * @param id under which it would be taken
     * @param state against what is here: {@code new}, {@code same}, {@code different} or {@code binned}
     * @param differences from what is here to what comes, forty at the most
     * @param missing what it names and what is neither here nor in the file, such as {@code song lantern-hill}
     * @param document in its open format; missing where it stays in the backup named
     * @param backup the backup in which it stands
     */
    public record BroughtThing(
            String kind,
            String id,
            String name,
            String state,
            List<Difference> differences,
            List<String> missing,
            @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<JsonNode> document,
            @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<String> backup) {}

    /** How something is taken: in the place of what is here, or beside it. */
    public enum How {
        take,
        both
    }

    /**
     * Something to take.
     *
     * @param document in its open format; null where it stands in the backup named
     */
    public record Chosen(
            @NotNull @Size(max = 20) String kind,
            @NotNull @Size(min = 1, max = 80) String id,
            @NotNull How how,
            @Nullable JsonNode document,
            @Nullable @Size(max = 120) String backup) {}

    /** Everything to take, from which file. */
    public record Choice(
            @NotNull @Size(max = 200) String file,
            @NotNull @Size(min = 1, max = 2000) List<@Valid @NotNull Chosen> things) {}

    /** What was taken, to be undone as it is. */
    public record Receipt(@NotNull @Size(max = 2000) List<Taking.@Valid @NotNull Put> taken) {}
}
