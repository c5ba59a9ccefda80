package fluidframe.core.log;

import java.time.Instant;

/** An entry and when what it tells was seen. */
public record Logged(Instant at, Entry entry) {}
