package fluidframe.server.store;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.server.store.Drafts.Sent;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.lang.Nullable;

/**
 * A save.
 *
 * @param expectedVersion the version it was begun from
 * @param document the whole document
 * @param note why this is kept as a version; none for a save that goes on by itself
 * @param drafts unsaved work that is saved by this, of the window itself and of those it has gone on with; none where there is none
 */
public record DocumentSave(
        @Min(0) long expectedVersion,
        @NotNull JsonNode document,
        @Nullable @Size(max = 500) String note,
        @Nullable @Size(max = 20) List<@Valid @NotNull Sent> drafts) {}
