package fluidframe.server.store;

/** Told before the tables of a studio are changed, while they are as the version before left them. */
public interface BeforeUpgrade {
    void keep();
}
