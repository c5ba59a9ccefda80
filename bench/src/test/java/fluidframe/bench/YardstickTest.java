package fluidframe.bench;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Composition;
import fluidframe.core.plan.Plan;
import fluidframe.library.shipped.ShippedLibrary;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The planner and a general constraint solver agree on what is best. */
class YardstickTest {
    private static final Set<String> FEW = Set.of(
            "foxtrot.feather-step",
            "foxtrot.three-step",
            "foxtrot.natural-turn",
            "foxtrot.reverse-turn",
            "foxtrot.reverse-wave",
            "foxtrot.change-of-direction");

    private final Repertoire few = Repertoire.of(
            ShippedLibrary.load().stream().filter(c -> FEW.contains(c.id())).toList());

    @Test
    void findsTheSameBestAsTheSolver() {
        Composer composer = Composer.of(few, Dance.FOXTROT);
        Yardstick yardstick = new Yardstick(few, Dance.FOXTROT);
        for (int bars = 2; bars <= 6; bars++) {
            for (List<String> required : List.of(List.<String>of(), List.of("foxtrot.reverse-wave"))) {
                Composition found = composer.compose(
                        Plan.of(bars).requiring(required.toArray(String[]::new)).wanting(1));
                var best = yardstick.best(bars, required, 120);
                String plan = bars + " bars with " + required;
                if (found.best().isEmpty()) assertThat(best).as(plan).isEmpty();
                else
                    assertThat(Math.floorDiv(best.orElseThrow(), 10))
                            .as(plan)
                            .isEqualTo(found.best().get(0).score());
            }
        }
    }
}
