package fluidframe.core.rotation;

import java.util.List;
import java.util.Optional;

/**
 * Everybody dances with everybody as evenly as can be, and who waits waits as rarely and as far apart as possible. First by a
 * construction, where the evening is plain; else, or where that does not reach the bound, by improving round after round; small
 * evenings that do not reach the bound so are searched through, which proves the result.
 */
public final class Rotations {
    private Rotations() {}

    /** The best plan found, with what is known of how good it can be; the same for the same evening. */
    public static Rotation plan(Evening evening) {
        Floor floor = new Floor(evening);
        Measure bound = Bounds.of(floor, new Tally(floor), floor.firstOpen());
        Optional<Tally> constructed = new Construction().plan(floor);
        if (constructed.isPresent() && constructed.get().measure().equals(bound)) {
            return told(floor, constructed.get(), bound, true, Rotation.How.CONSTRUCTION);
        }
        Tally improved = new Improvement().plan(floor).orElseThrow();
        Rotation.How how = Rotation.How.IMPROVEMENT;
        if (constructed.isPresent() && constructed.get().measure().compareTo(improved.measure()) <= 0) {
            improved = constructed.get();
            how = Rotation.How.CONSTRUCTION;
        }
        boolean reached = improved.measure().equals(bound);
        if (!reached && Search.fits(floor)) {
            Optional<Tally> proven = Search.best(floor, improved);
            if (proven.isPresent()) return told(floor, proven.get(), bound, true, Rotation.How.SEARCH);
        }
        return told(floor, improved, bound, reached, how);
    }

    /**
     * The best plan that keeps what people have been told, as far as those who are there can dance it.
     *
     * @param announced the rounds after those that have been danced
     */
    public static Rotation plan(Evening evening, List<Round> announced) {
        Floor floor = new Floor(evening);
        List<Round> kept = Announced.kept(floor, announced);
        if (kept.isEmpty()) return plan(evening);
        Measure bound = Bounds.of(floor, new Tally(floor), floor.firstOpen());
        Rotation plan = plan(evening.after(kept));
        boolean reached = plan.found().equals(bound);
        return new Rotation(plan.rounds(), plan.found(), bound, reached, Rotation.How.ANNOUNCED);
    }

    private static Rotation told(Floor floor, Tally tally, Measure bound, boolean proven, Rotation.How how) {
        return new Rotation(floor.told(tally.all()), tally.measure(), bound, proven, how);
    }
}
