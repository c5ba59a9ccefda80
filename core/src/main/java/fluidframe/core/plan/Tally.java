package fluidframe.core.plan;

import java.math.BigInteger;

/** A count that stays exact: a plain number while it fits, then as large as it gets. */
final class Tally {
    static final Tally ONE = new Tally();

    static {
        ONE.small = 1;
    }

    private long small;
    private BigInteger large;

    void add(Tally other) {
        if (large == null && other.large == null) {
            long sum = small + other.small;
            if (sum >= 0) {
                small = sum;
                return;
            }
        }
        large = value().add(other.value());
    }

    BigInteger value() {
        return large == null ? BigInteger.valueOf(small) : large;
    }
}
