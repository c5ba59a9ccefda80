package fluidframe.server.backup;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A backup.
 *
 * @param name of its file
 * @param bytes its size
 * @param why it was made, such as {@code every day}
 * @param documents how many it holds; 0 where that cannot be read
 * @param problem why it cannot be read whole; missing if it can, as far as its directory tells
 */
public record BackupView(
        String name,
        Instant made,
        long bytes,
        String why,
        int documents,
        @JsonInclude(JsonInclude.Include.NON_ABSENT) Optional<String> problem) {
    /**
     * All there are, the newest first.
     *
     * @param folder where they lie
     * @param rule which are kept, in a sentence
     */
    public record All(String folder, String rule, List<BackupView> backups) {}

    /** Something in a backup. */
    public record Item(String kind, String id, String name, String state) {}

    /** How many of a kind or a table are in it and here. */
    public record Count(String what, long there, long here) {}

    /**
     * What a backup holds against what is here.
     *
     * @param items what differs: {@code new} here, {@code different}, or {@code gone} if it is only here; 2000 at the most
     * @param same how many are the same
     * @param problems what in it cannot be read
     */
    public record Contents(
            BackupView backup, List<Count> counts, int same, int differing, List<Item> items, List<String> problems) {}

    /**
     * What was put back.
     *
     * @param before the backup made of what was here before
     */
    public record Done(int documents, int rows, String before, List<String> problems) {}
}
