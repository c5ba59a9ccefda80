package fluidframe.core.plan;

/** Somebody who waits for a long work: told how far it is, and asked now and then whether it is still wanted. */
@FunctionalInterface
public interface Watch {
    /** Nobody waits; the work is done to its end. */
    Watch NOBODY = () -> false;

    /** Whether nobody wants the work any more; it then ends with a {@link java.util.concurrent.CancellationException}. */
    boolean isGivenUp();

    /**
     * How far the work is.
     *
     * @param share 0 to 1, never less than before
     */
    default void reached(double share) {}

    /** The same for a piece of the work that takes it from one share to another. */
    default Watch between(double from, double to) {
        Watch whole = this;
        return new Watch() {
            @Override
            public boolean isGivenUp() {
                return whole.isGivenUp();
            }

            @Override
            public void reached(double share) {
                whole.reached(from + share * (to - from));
            }
        };
    }
}
