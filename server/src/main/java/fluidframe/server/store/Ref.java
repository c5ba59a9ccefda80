package fluidframe.server.store;

/** Something that a document names. It need not be there. */
public record Ref(Kind kind, String id) {}
