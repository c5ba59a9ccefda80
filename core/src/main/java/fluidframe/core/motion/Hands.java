package fluidframe.core.motion;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Role;
import java.util.Locale;

/**
 * What a dancer's hands hold from a beat on.
 *
 * @param beat from when
 * @param left what the left hand holds of the partner
 * @param right what the right hand holds
 */
public record Hands(double beat, Grip left, Grip right) {
    /** A hand of the partner, a part of the body of the partner, or nothing. */
    public enum Grip {
        FREE,
        LEFT_HAND,
        RIGHT_HAND,
        SHOULDER_BLADE,
        UPPER_ARM,
        WAIST;

        /** Whether it is a hand that is held. */
        public boolean isHand() {
            return this == LEFT_HAND || this == RIGHT_HAND;
        }

        @Override
        public String toString() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    /** By the hold in force; the man's hand is named first there. */
    static Hands of(Hold hold, Role role, double beat) {
        boolean man = role == Role.MAN;
        return switch (hold) {
            case CLOSED_CONTACT, CLOSED_NO_CONTACT ->
                man
                        ? new Hands(beat, Grip.RIGHT_HAND, Grip.SHOULDER_BLADE)
                        : new Hands(beat, Grip.UPPER_ARM, Grip.LEFT_HAND);
            case DOUBLE -> new Hands(beat, Grip.RIGHT_HAND, Grip.LEFT_HAND);
            case CROSSED -> new Hands(beat, Grip.LEFT_HAND, Grip.RIGHT_HAND);
            case LEFT_TO_RIGHT ->
                man ? new Hands(beat, Grip.RIGHT_HAND, Grip.FREE) : new Hands(beat, Grip.FREE, Grip.LEFT_HAND);
            case RIGHT_TO_LEFT ->
                man ? new Hands(beat, Grip.FREE, Grip.LEFT_HAND) : new Hands(beat, Grip.RIGHT_HAND, Grip.FREE);
            case RIGHT_TO_RIGHT -> new Hands(beat, Grip.FREE, Grip.RIGHT_HAND);
            case LEFT_TO_LEFT -> new Hands(beat, Grip.LEFT_HAND, Grip.FREE);
            case SHADOW ->
                man ? new Hands(beat, Grip.LEFT_HAND, Grip.WAIST) : new Hands(beat, Grip.LEFT_HAND, Grip.FREE);
            case NONE -> new Hands(beat, Grip.FREE, Grip.FREE);
        };
    }

    boolean holdsTheSameAs(Hands other) {
        return left == other.left && right == other.right;
    }
}
