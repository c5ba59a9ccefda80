package fluidframe.server.store;

import java.time.Instant;

/** A kept version in the list of them: its number from 1 and why it was kept. */
public record VersionLine(long number, String note, Instant savedAt) {}
