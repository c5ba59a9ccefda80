package fluidframe.core.ledger;

import fluidframe.core.direction.TurnText;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * How a large turn is shared out between what prepares it, the foot that turns, and the step that ends it. A proposal by
 * usual practice: a preceding step and a last step take up to 1/8 each, a swivel before the turn up to 1/8, the ball of
 * the standing foot the rest.
 *
 * @param sixteenths the whole turn, signed, right positive
 * @param shares its parts in order
 */
public record TurnDivision(int sixteenths, List<Share> shares) {
    /** Where a share of a turn is made. */
    public enum Place {
        PRECEDING_STEP("with the preceding step"),
        SWIVEL("swivel"),
        BALL("on the ball"),
        LAST_STEP("on the last");

        private final String words;

        Place(String words) {
            this.words = words;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    /** A part of the turn, in sixteenths of the same sign as the whole. */
    public record Share(Place place, int sixteenths) {}

    /** An eighth, in sixteenths: as much of a large turn as one step or a swivel of it takes over. */
    private static final int MOST_ON_A_STEP = 2;
    /** A quarter, in sixteenths: as much as is made between two feet without dividing it. */
    private static final int PLAIN = 4;

    public TurnDivision {
        shares = List.copyOf(shares);
    }

    /** The proposal for a turn of so many sixteenths; up to 1/4 it is left whole. */
    public static TurnDivision of(int sixteenths) {
        int side = Integer.signum(sixteenths);
        int left = Math.abs(sixteenths);
        List<Share> shares = new ArrayList<>();
        if (left <= PLAIN) {
            if (left > 0) shares.add(new Share(Place.LAST_STEP, sixteenths));
            return new TurnDivision(sixteenths, shares);
        }
        int before = MOST_ON_A_STEP;
        int after = Math.min(MOST_ON_A_STEP, left - before);
        left -= before + after;
        int swivel = left > PLAIN ? MOST_ON_A_STEP : 0;
        left -= swivel;
        shares.add(new Share(Place.PRECEDING_STEP, before * side));
        if (swivel > 0) shares.add(new Share(Place.SWIVEL, swivel * side));
        if (left > 0) shares.add(new Share(Place.BALL, left * side));
        shares.add(new Share(Place.LAST_STEP, after * side));
        return new TurnDivision(sixteenths, shares);
    }

    /** {@code "of 3/4: 1/8 with the preceding step, 1/8 swivel, 3/8 on the ball, 1/8 on the last"}. */
    public String words() {
        return "of " + TurnText.fraction(Math.abs(sixteenths)) + ": "
                + shares.stream()
                        .map(s -> TurnText.fraction(Math.abs(s.sixteenths())) + " " + s.place())
                        .collect(Collectors.joining(", "));
    }
}
