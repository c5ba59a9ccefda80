package fluidframe.server.store;

import jakarta.persistence.Embeddable;
import java.io.Serializable;

/** Which document: its kind, as {@link Kind} prints it, and its id, which no two of a kind share. */
@Embeddable
public record DocumentKey(String kind, String id) implements Serializable {}
