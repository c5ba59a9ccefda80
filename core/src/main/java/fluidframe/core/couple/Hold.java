package fluidframe.core.couple;

import fluidframe.core.words.Nearest;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;

/** How the partners hold each other; the man's hand is named first. */
public enum Hold {
    CLOSED_CONTACT("closed contact", 0.04, 2, 0),
    CLOSED_NO_CONTACT("closed no contact", 0.07, 2, 0),
    DOUBLE("double", 0.20, 2, 8),
    CROSSED("crossed", 0.20, 2, 16),
    LEFT_TO_RIGHT("L-R", 0.25, 1, 32),
    RIGHT_TO_LEFT("R-L", 0.25, 1, 32),
    RIGHT_TO_RIGHT("R-R", 0.25, 1, 32),
    LEFT_TO_LEFT("L-L", 0.25, 1, 32),
    SHADOW("shadow hold", 0.10, 2, 0),
    NONE("none", 0.60, 0, 64);

    private final String words;
    private final double giveMetres;
    private final int hands;
    private final int mostTurnApart;

    Hold(String words, double giveMetres, int hands, int mostTurnApart) {
        this.words = words;
        this.giveMetres = giveMetres;
        this.hands = hands;
        this.mostTurnApart = mostTurnApart;
    }

    /** Reads the words; the man's hand is named first. The inverse of {@link #toString()}. */
    public static Hold parse(String text) {
        return Arrays.stream(values())
                .filter(hold ->
                        hold.words.equals(text.trim().toLowerCase(Locale.ROOT)) || hold.words.equals(text.trim()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Nearest.refusal(
                        "A hold", Arrays.stream(values()).map(Hold::toString).toList(), text)));
    }

    /** The same with the hands of the other side. */
    public Hold mirrored() {
        switch (this) {
            case LEFT_TO_RIGHT:
                return RIGHT_TO_LEFT;
            case RIGHT_TO_LEFT:
                return LEFT_TO_RIGHT;
            case RIGHT_TO_RIGHT:
                return LEFT_TO_LEFT;
            case LEFT_TO_LEFT:
                return RIGHT_TO_RIGHT;
            default:
                return this;
        }
    }

    /** How far in metres the distance of the couple may give in this hold. */
    public double giveMetres() {
        return giveMetres;
    }

    /** How many pairs of hands are joined: 0 to 2. */
    public int hands() {
        return hands;
    }

    /**
     * Whether the other hold is reached on the way, while facing: some hand stays taken, by the same hand or by the other one
     * it is laid into, or one of the two is no hold at all. From L-R to R-L all four hands would have to change.
     */
    public boolean canBecome(Hold other) {
        Set<String> kept = new HashSet<>(taken());
        kept.retainAll(other.taken());
        return this == NONE || other == NONE || !kept.isEmpty();
    }

    private Set<String> taken() {
        switch (this) {
            case LEFT_TO_RIGHT, RIGHT_TO_LEFT, RIGHT_TO_RIGHT, LEFT_TO_LEFT:
                return Set.of("his " + words.charAt(0), "her " + words.charAt(2));
            case NONE, SHADOW:
                return Set.of();
            default:
                return Set.of("his L", "his R", "her L", "her R");
        }
    }

    /** Whether the hold keeps the two bodies together, rather than the hands alone. */
    public boolean isClosed() {
        return mostTurnApart == 0;
    }

    /** By how many sixteenths one partner may turn more than the other before this hold has to be let go. */
    public int mostTurnApart() {
        return mostTurnApart;
    }

    @Override
    public String toString() {
        return words;
    }
}
