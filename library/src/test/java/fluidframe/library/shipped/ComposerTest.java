package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Composer;
import fluidframe.core.plan.Composition;
import fluidframe.core.plan.Condition;
import fluidframe.core.plan.Plan;
import fluidframe.core.plan.Variety;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.PlacedFigure;
import fluidframe.core.routine.RoutineWork;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Plans over the shipped library, held against plain enumeration and against the check of routines. */
class ComposerTest {
    private static final Repertoire REPERTOIRE = Repertoire.of(ShippedLibrary.load());
    private static final Set<String> FEW = Set.of(
            "waltz.natural-turn",
            "waltz.reverse-turn",
            "waltz.closed-change-right",
            "waltz.closed-change-left",
            "waltz.whisk",
            "waltz.chasse-from-promenade");

    private static Repertoire few() {
        return Repertoire.of(
                REPERTOIRE.charts().stream().filter(c -> FEW.contains(c.id())).toList());
    }

    /** Every routine of so many beats, by walking all ways through the graph. */
    private static List<List<DanceGraph.Place>> enumerate(Repertoire repertoire, int beats) {
        DanceGraph graph = repertoire.graph(Dance.WALTZ);
        List<List<DanceGraph.Place>> all = new ArrayList<>();
        for (Chart chart : repertoire.charts()) {
            for (DanceGraph.Place place : graph.beginnings(chart.id())) {
                if (place.rotation() != 0) continue;
                walk(graph, new ArrayList<>(List.of(place)), place, Beats.of(beats), all);
            }
        }
        return all;
    }

    private static void walk(
            DanceGraph graph,
            List<DanceGraph.Place> way,
            DanceGraph.Place at,
            Beats left,
            List<List<DanceGraph.Place>> all) {
        int still = left.compareTo(at.danced().chart().length());
        if (still == 0) all.add(List.copyOf(way));
        if (still <= 0) return;
        Beats after = left.minus(at.danced().chart().length());
        for (DanceGraph.Place next :
                graph.after(at).stream().map(DanceGraph.Step::to).distinct().toList()) {
            way.add(next);
            walk(graph, way, next, after, all);
            way.remove(way.size() - 1);
        }
    }

    private static long times(List<DanceGraph.Place> way, String figure) {
        return way.stream().filter(p -> p.danced().figure().id().equals(figure)).count();
    }

    private static long wholes(List<DanceGraph.Place> way, String figure) {
        return way.stream()
                .filter(p -> p.danced().figure().id().equals(figure))
                .filter(p -> p.danced().use().part().isEmpty())
                .count();
    }

    @Test
    void countsAsManyAsPlainEnumeration() {
        Repertoire few = few();
        Composer composer = Composer.of(few, Dance.WALTZ);
        for (int bars = 1; bars <= 6; bars++) {
            List<List<DanceGraph.Place>> all = enumerate(few, bars * 3);
            assertThat(composer.compose(Plan.of(bars)).count())
                    .as(bars + " bars")
                    .isEqualTo(BigInteger.valueOf(all.size()));
            String whisk = "waltz.whisk";
            assertThat(composer.compose(Plan.of(bars).requiring(whisk, "waltz.reverse-turn"))
                            .count())
                    .isEqualTo(BigInteger.valueOf(all.stream()
                            .filter(way -> wholes(way, whisk) > 0 && wholes(way, "waltz.reverse-turn") > 0)
                            .count()));
            assertThat(composer.compose(Plan.of(bars).limiting(Map.of(whisk, 0, "waltz.natural-turn", 1)))
                            .count())
                    .isEqualTo(BigInteger.valueOf(all.stream()
                            .filter(way -> times(way, whisk) == 0 && times(way, "waltz.natural-turn") <= 1)
                            .count()));
        }
    }

    @Test
    void findsTheBestThatPlainEnumerationFinds() {
        Repertoire few = few();
        List<List<DanceGraph.Place>> all = enumerate(few, 15);
        List<Integer> scores = all.stream()
                .map(ComposerTest::tenths)
                .sorted((a, b) -> b - a)
                .limit(10)
                .toList();
        Composition found = Composer.of(few, Dance.WALTZ).compose(Plan.of(5).wanting(10));
        assertThat(found.best()).hasSize(10);
        List<Integer> composed =
                found.best().stream().map(Composition.Proposal::score).toList();
        for (int i = 0; i < 10; i++) assertThat(composed.get(i)).isEqualTo(Math.floorDiv(scores.get(i), 10));
    }

    @Test
    void dancesNoFigureTooOftenAndStillFindsTheBestOfThose() {
        Repertoire few = few();
        for (int each = 1; each <= 2; each++) {
            int limit = each;
            List<Integer> scores = enumerate(few, 18).stream()
                    .filter(way -> FEW.stream().allMatch(figure -> times(way, figure) <= limit))
                    .map(ComposerTest::tenths)
                    .sorted((a, b) -> b - a)
                    .limit(5)
                    .toList();
            Variety found = Composer.of(few, Dance.WALTZ).compose(Plan.of(6).wanting(5), limit, () -> false);
            assertThat(found.kept()).isTrue();
            assertThat(found.composition().best().stream()
                            .map(Composition.Proposal::score)
                            .toList())
                    .isEqualTo(scores.stream()
                            .map(tenths -> Math.floorDiv(tenths, 10))
                            .toList());
        }
        assertThatThrownBy(() -> Composer.of(few, Dance.WALTZ).compose(Plan.of(6), -1, () -> false))
                .hasMessageContaining("but was -1");
    }

    /** The usual score, written down a second time. */
    private static int tenths(List<DanceGraph.Place> way) {
        int score = 0;
        for (int i = 0; i < way.size(); i++) {
            DanceGraph.Place here = way.get(i);
            score += (int) Math.round(here.danced().advance(here.rotation()) * 10);
            if (i == 0) continue;
            Chart before = way.get(i - 1).danced().figure();
            Chart now = here.danced().figure();
            boolean customary = before.teaching().follows().contains(now.id())
                    || now.teaching().precedes().contains(before.id());
            if (customary) score += 30;
            if (before.id().equals(now.id())) score -= 40;
            if (i > 2 && !figure(way, i).equals(figure(way, i - 1))) {
                boolean pairAgain = figure(way, i).equals(figure(way, i - 2))
                        && figure(way, i - 1).equals(figure(way, i - 3));
                if (pairAgain) score -= 40;
            }
            if (side(way.get(i - 1)) * side(here) < 0) score += 10;
        }
        return score;
    }

    private static String figure(List<DanceGraph.Place> way, int index) {
        return way.get(index).danced().figure().id();
    }

    private static int side(DanceGraph.Place place) {
        return Integer.signum(place.danced().ledger().of(Role.MAN).totalTurn());
    }

    @ParameterizedTest
    @EnumSource(Dance.class)
    void everyProposalIsSoundWhenTheRoutineIsChecked(Dance dance) {
        Composition found = Composer.of(REPERTOIRE, dance).compose(Plan.of(12).wanting(5));
        assertThat(found.best()).isNotEmpty();
        for (Composition.Proposal proposal : found.best()) {
            RoutineWork work = RoutineWork.of(dance, proposal.figures(), REPERTOIRE);
            assertThat(work.junctions()).as(proposal.figures().toString()).noneMatch(Junction::isBroken);
            assertThat(work.length()).isEqualTo(dance.bar().times(12));
        }
    }

    @ParameterizedTest
    @EnumSource(Dance.class)
    void randomWalksThroughTheLibraryAreNeverBrokenAndJumpsAre(Dance dance) {
        Random random = new Random(7);
        DanceGraph graph = REPERTOIRE.graph(dance);
        List<Chart> charts =
                REPERTOIRE.charts().stream().filter(c -> c.dance() == dance).toList();
        for (int walk = 0; walk < 20; walk++) {
            List<DanceGraph.Place> starts =
                    graph.beginnings(charts.get(random.nextInt(charts.size())).id());
            DanceGraph.Place at = starts.get(0); // as charted, which is how a routine begins
            List<PlacedFigure> figures = new ArrayList<>(List.of(placed(at, false, 0)));
            for (int step = 0; step < 6; step++) {
                List<DanceGraph.Step> steps = graph.after(at);
                if (steps.isEmpty()) break;
                DanceGraph.Step next = steps.get(random.nextInt(steps.size()));
                int last = figures.size() - 1;
                figures.set(
                        last,
                        new PlacedFigure(
                                figures.get(last).figureId(),
                                figures.get(last)
                                        .use()
                                        .withLastTurn(next.adjusted().lastTurnSixteenths())
                                        .withEnding(next.adjusted().ending()),
                                figures.get(last).corner()));
                figures.add(placed(next.to(), next.adjusted().corner(), 0));
                at = next.to();
            }
            assertThat(RoutineWork.of(dance, figures, REPERTOIRE).junctions())
                    .as(figures.toString())
                    .noneMatch(Junction::isBroken);
            Set<String> may = graph.after(at).stream()
                    .map(s -> s.to().danced().figure().id())
                    .collect(Collectors.toSet());
            Optional<Chart> jump =
                    charts.stream().filter(c -> !may.contains(c.id())).findFirst();
            if (jump.isEmpty()) continue;
            figures.add(new PlacedFigure(jump.get().id(), FigureUse.WHOLE, false));
            List<Junction> junctions =
                    RoutineWork.of(dance, figures, REPERTOIRE).junctions();
            assertThat(junctions.get(junctions.size() - 1).isBroken())
                    .as(figures.toString())
                    .isTrue();
        }
    }

    private static PlacedFigure placed(DanceGraph.Place place, boolean corner, int lastTurn) {
        return new PlacedFigure(
                place.danced().figure().id(), place.danced().use().withLastTurn(lastTurn), corner);
    }

    @Test
    void meetsEveryConditionOfThePlan() {
        Plan plan = Plan.of(16)
                .requiring("foxtrot.reverse-wave", "foxtrot.hover-cross")
                .limiting(Map.of("foxtrot.feather-step", 2))
                .beginning(Optional.of("foxtrot.feather-step"))
                .closing(true)
                .wanting(3);
        Composition found = Composer.of(REPERTOIRE, Dance.FOXTROT).compose(plan);
        assertThat(found.best()).hasSize(3);
        for (Composition.Proposal proposal : found.best()) {
            Map<String, Integer> danced = new HashMap<>();
            proposal.figures().forEach(f -> danced.merge(f.figureId(), 1, Integer::sum));
            assertThat(danced).containsKeys("foxtrot.reverse-wave", "foxtrot.hover-cross");
            assertThat(danced.get("foxtrot.feather-step")).isBetween(1, 2);
            assertThat(proposal.figures().get(0).figureId()).isEqualTo("foxtrot.feather-step");
            assertThat(RoutineWork.of(Dance.FOXTROT, proposal.figures(), REPERTOIRE)
                            .canRepeat())
                    .isTrue();
            assertThat(proposal.score()).isEqualTo(proposal.parts().sum());
        }
        assertThat(found.best())
                .isEqualTo(Composer.of(REPERTOIRE, Dance.FOXTROT).compose(plan).best());
    }

    @Test
    void saysWhichConditionsContradictEachOtherAndNoNeedlessOne() {
        Composition found = Composer.of(REPERTOIRE, Dance.WALTZ)
                .compose(Plan.of(2)
                        .requiring("waltz.natural-turn", "waltz.whisk", "waltz.wing")
                        .limiting(Map.of("waltz.contra-check", 0)));
        assertThat(found.count()).isZero();
        assertThat(found.contradiction())
                .contains(new Condition.Lasts(2))
                .noneMatch(Condition.Limited.class::isInstance);
        assertThat(found.contradiction().size()).isBetween(2, 3);
    }

    @Test
    void refusesWhatItCannotCountAndStopsWhenToldTo() {
        Composer composer = Composer.of(REPERTOIRE, Dance.WALTZ);
        assertThatThrownBy(() -> composer.compose(Plan.of(8).requiring("waltz.moonwalk")))
                .hasMessageContaining("waltz.moonwalk");
        assertThatThrownBy(() -> composer.compose(Plan.of(8)
                        .requiring(REPERTOIRE.charts().stream()
                                .map(Chart::id)
                                .filter(id -> id.startsWith("waltz."))
                                .limit(13)
                                .toArray(String[]::new))))
                .hasMessageContaining("require or limit fewer");
        assertThatThrownBy(() -> Plan.of(200)).hasMessageContaining("1 to 128 bars, but has 200");
        assertThatThrownBy(() -> composer.compose(Plan.of(8), () -> true)).isInstanceOf(CancellationException.class);
    }
}
