package fluidframe.core.practice;

import java.util.OptionalDouble;

/** The tempos of one session: its share of the way from what is clean to what is wanted. */
record Rungs(OptionalDouble from, OptionalDouble to) {
    private static final double WITHOUT_A_RUN = 0.7;

    /** By so much a session goes up at least, in bars a minute. */
    private static final double LEAST = 1;

    /** Somebody who is so near to it needs no ladder, in bars a minute. */
    private static final double NEAR = 1.0 / 2;

    /**
     * @param then what it is for
     * @param nth of the sessions to come in which the tempo goes up, from 0
     * @param all of them
     */
    static Rungs of(Matter matter, Purpose then, int nth, int all) {
        if (matter.wanted().isEmpty()) return new Rungs(OptionalDouble.empty(), OptionalDouble.empty());
        double wanted = matter.wanted().getAsDouble();
        double clean = Math.min(wanted, matter.clean().orElse(wanted * WITHOUT_A_RUN));
        if (!then.climbs() || wanted - clean < NEAR) {
            return new Rungs(OptionalDouble.of(wanted), OptionalDouble.of(wanted));
        }
        double step = Math.max(LEAST, (wanted - clean) / all);
        return new Rungs(
                rounded(Math.min(wanted, clean + step * nth)), rounded(Math.min(wanted, clean + step * (nth + 1))));
    }

    private static OptionalDouble rounded(double tempo) {
        return OptionalDouble.of(Math.round(tempo * 2) / 2.0);
    }
}
