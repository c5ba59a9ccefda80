package fluidframe.core.review;

/**
 * What is remembered of one card.
 *
 * @param stability days after which nine of ten such cards are still recalled, above 0
 * @param difficulty from 1 to 10
 */
public record Memory(double stability, double difficulty) {
    public Memory {
        if (!(stability > 0)) {
            throw new IllegalArgumentException("A stability is more than 0 days, but was " + stability);
        }
        if (!(difficulty >= 1 && difficulty <= 10)) {
            throw new IllegalArgumentException("A difficulty is from 1 to 10, but was " + difficulty);
        }
    }
}
