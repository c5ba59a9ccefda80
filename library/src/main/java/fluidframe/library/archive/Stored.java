package fluidframe.library.archive;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A document with everything kept of it.
 *
 * @param version counts its saves from 1
 * @param binnedAt empty for what is not in the bin
 * @param text as it is kept, to the character
 */
public record Stored(
        String kind,
        String id,
        String name,
        long version,
        Instant savedAt,
        Optional<Instant> binnedAt,
        String text,
        List<Version> versions) {
    /** A version of it; {@code number} counts from 1. */
    public record Version(long number, String note, Instant savedAt, String text) {}

    public Stored {
        versions = List.copyOf(versions);
    }
}
