package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Composition;
import fluidframe.core.plan.Plan;
import fluidframe.core.plan.Variety;
import fluidframe.core.plan.Weights;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What makes one proposal better than another, and different from it. */
class ProposalsTest {
    private static final Repertoire REPERTOIRE = Repertoire.of(ShippedLibrary.load());

    @Test
    void proposalsDifferInAsManyFiguresAsAskedAndTheFirstIsTheBestOfAll() {
        for (Dance dance : List.of(Dance.WALTZ, Dance.RUMBA)) {
            Composer composer = Composer.of(REPERTOIRE, dance);
            Plan plan = Plan.of(16).weighing(Weights.usual(dance)).wanting(4);
            List<Composition.Proposal> apart = composer.compose(plan.differing(1 / 3.0), 2, () -> false)
                    .composition()
                    .best();
            assertThat(apart).hasSize(4);
            assertThat(apart.get(0).score())
                    .isEqualTo(composer.compose(plan.wanting(1), 2, () -> false)
                            .composition()
                            .best()
                            .get(0)
                            .score());
            for (int one = 0; one < apart.size(); one++) {
                for (int other = one + 1; other < apart.size(); other++) {
                    List<String> left = new ArrayList<>(names(apart.get(other)));
                    names(apart.get(one)).forEach(left::remove);
                    int longer = Math.max(
                            apart.get(one).figures().size(),
                            apart.get(other).figures().size());
                    int shared = apart.get(other).figures().size() - left.size();
                    assertThat(3 * (longer - shared)).isGreaterThanOrEqualTo(longer);
                }
            }
        }
    }

    @Test
    void noFigureComesTooOftenWhereMoreWouldHaveToBeCountedThanCanBe() {
        Plan plan = Plan.of(24).differing(1 / 3.0).wanting(2);
        Variety found = Composer.of(REPERTOIRE, Dance.FOXTROT).compose(plan, 2, () -> false);
        assertThat(found.kept()).isTrue();
        assertThat(found.proven()).isFalse();
        assertThat(found.composition().best()).hasSize(2).allSatisfy(one -> {
            List<String> names = names(one);
            assertThat(names).allMatch(name -> Collections.frequency(names, name) <= 2);
        });
    }

    private static boolean dancesAPairTwice(Composition.Proposal proposal) {
        List<String> names = names(proposal);
        for (int i = 3; i < names.size(); i++) {
            boolean again = names.subList(i - 3, i - 1).equals(names.subList(i - 1, i + 1));
            if (again && !names.get(i).equals(names.get(i - 1))) return true;
        }
        return false;
    }

    @Test
    void saysThatTheBestIsNotProvenWherePairsDancedTwiceCannotAllBeCounted() {
        Plan plan = Plan.of(32).wanting(5);
        Variety waltz = Composer.of(REPERTOIRE, Dance.WALTZ).compose(plan, 0, () -> false);
        assertThat(waltz.proven()).isTrue();
        assertThat(waltz.composition().best()).noneMatch(ProposalsTest::dancesAPairTwice);
        Variety jive = Composer.of(REPERTOIRE, Dance.JIVE).compose(plan, 0, () -> false);
        assertThat(jive.composition().best()).anyMatch(ProposalsTest::dancesAPairTwice);
        assertThat(jive.proven()).isFalse();
    }

    private static List<String> names(Composition.Proposal proposal) {
        return proposal.figures().stream().map(PlacedFigure::figureId).toList();
    }

    @Test
    void keepsTheMostDifficultForLaterAndShowsAFigureWhereTheMusicAsksForIt() {
        Composer composer = Composer.of(REPERTOIRE, Dance.RUMBA);
        Weights heavy = new Weights(3, 10, 4, 0, 1, 1, 10);
        Plan plan = Plan.of(16)
                .weighing(heavy)
                .seenAt(List.of(new Plan.Moment(8, 2, "rumba.hockey-stick")))
                .wanting(1);
        Composition.Proposal found = composer.compose(plan).best().get(0);
        assertThat(found.parts().highlight()).isGreaterThanOrEqualTo(10);
        assertThat(found.parts().change()).isPositive();
        RoutineWork work = RoutineWork.of(Dance.RUMBA, found.figures(), REPERTOIRE);
        assertThat(work.blocks().stream()
                        .filter(block -> block.danced().figure().id().equals("rumba.hockey-stick"))
                        .map(block -> block.bar(Dance.RUMBA.bar())))
                .anyMatch(bar -> bar == 9 || bar == 10);
        assertThat(found.parts().build()).isZero();
    }
}
