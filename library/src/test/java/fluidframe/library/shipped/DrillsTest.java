package fluidframe.library.shipped;

import static org.assertj.core.api.Assertions.assertThat;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.floor.Point;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Linker;
import fluidframe.core.link.Repertoire;
import fluidframe.core.plan.Drill;
import fluidframe.core.plan.Drills;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class DrillsTest {
    private static final Repertoire REPERTOIRE = Repertoire.of(ShippedLibrary.load());

    private static String told(Drill drill) {
        return drill.figures().stream().map(Danceable::name).collect(Collectors.joining(" > "));
    }

    private static List<Drill> through(String figure, int most) {
        Dance dance = REPERTOIRE.chart(figure).orElseThrow().dance();
        return Drills.of(REPERTOIRE.of(dance)).through(figure, most);
    }

    @Test
    void findsTheDrillsThatACoachWouldNameFirst() {
        List<Drill> drills = through("waltz.natural-turn", 4);
        List<Drill> first = drills.subList(0, 24);
        assertThat(first)
                .extracting(DrillsTest::told)
                .anyMatch(t -> t.matches("Natural Turn 1-3 > Outside Change, .*promenade.* > Chasse from Promenade"))
                .contains("Natural Turn 1-3 > Open Impetus > Chasse from Promenade");
        Drill impetus = first.stream()
                .filter(d -> told(d).equals("Natural Turn 1-3 > Open Impetus > Chasse from Promenade"))
                .findFirst()
                .orElseThrow();
        assertThat(Math.abs(impetus.turned())).isEqualTo(4);
        assertThat(impetus.rounds()).isEqualTo(4);
        assertThat(impetus.bars()).isEqualTo(3);
    }

    @ParameterizedTest
    @ValueSource(strings = {"waltz.natural-turn", "tango.closed-promenade", "rumba.new-york", "jive.fallaway-rock"})
    void findsExactlyTheChainsOfUpToThreeThatPlainEnumerationFinds(String figure) {
        List<Danceable> all = REPERTOIRE
                .of(REPERTOIRE.chart(figure).orElseThrow().dance())
                .stream()
                .filter(danced -> danced.use().times().isEmpty())
                .toList();
        Set<Set<List<String>>> expected = new HashSet<>();
        for (Danceable start : all) {
            if (!start.figure().id().equals(figure)) continue;
            if (closes(List.of(start))) expected.add(rounds(List.of(start)));
            for (Danceable second : all) {
                if (closes(List.of(start, second)) && start != second) expected.add(rounds(List.of(start, second)));
                if (!follows(start, start.chart().startBeat(), second)) continue;
                for (Danceable third : all) {
                    List<Danceable> chain = List.of(start, second, third);
                    boolean thrice = start == second && second == third;
                    if (closes(chain) && !thrice) expected.add(rounds(chain));
                }
            }
        }
        List<Drill> drills = through(figure, 3);
        Set<Set<List<String>>> found = new HashSet<>();
        drills.forEach(drill -> found.add(rounds(drill.figures())));
        assertThat(found).hasSameSizeAs(drills).isEqualTo(expected);
    }

    /** A chain named from each of its figures in turn, so that it does not matter where it begins. */
    private static Set<List<String>> rounds(List<Danceable> chain) {
        Set<List<String>> rounds = new HashSet<>();
        for (int by = 0; by < chain.size(); by++) {
            List<String> names = new ArrayList<>();
            for (int i = 0; i < chain.size(); i++) {
                Danceable danced = chain.get((i + by) % chain.size());
                names.add(danced.figure().id() + danced.use());
            }
            rounds.add(names);
        }
        return rounds;
    }

    private static boolean closes(List<Danceable> chain) {
        Beats beat = chain.get(0).chart().startBeat();
        Beats first = beat;
        for (int i = 0; i < chain.size(); i++) {
            if (!follows(chain.get(i), beat, chain.get((i + 1) % chain.size()))) return false;
            beat = beat.plus(chain.get(i).length())
                    .remainder(chain.get(0).chart().dance().bar());
        }
        return beat.equals(first);
    }

    private static boolean follows(Danceable danced, Beats beat, Danceable next) {
        return Linker.turnedTo(Arrival.after(danced, 0, beat), next).isPresent();
    }

    @ParameterizedTest
    @EnumSource(Dance.class)
    void everyDrillCanBeDancedAgainAndComesBackInTheRoundsItSays(Dance dance) {
        String figure = REPERTOIRE.of(dance).get(0).figure().id();
        for (Drill drill : Drills.of(REPERTOIRE.of(dance)).through(figure, 4).stream()
                .limit(40)
                .toList()) {
            assertThat(closes(drill.figures())).as(told(drill)).isTrue();
            assertThat(Math.floorMod(drill.rounds() * drill.turned(), 16)).isZero();
            List<Point> path = drill.path();
            assertThat(path).allMatch(point -> Double.isFinite(point.x()) && Double.isFinite(point.y()));
            // What turns on in every round comes back to where it began, too.
            if (drill.turned() != 0) {
                assertThat(path.get(path.size() - 1).length()).as(told(drill)).isLessThan(0.6);
            }
        }
    }

    @Test
    void aSoloHasItsDrillsToo() {
        Chart couple = REPERTOIRE.chart("rumba.closed-basic-movement").orElseThrow();
        Chart solo = couple.bare(List.of(), couple.lady());
        List<Danceable> all = new ArrayList<>(REPERTOIRE.of(Dance.RUMBA));
        all.removeIf(danced -> danced.figure().id().equals(couple.id()));
        all.add(Danceable.of(solo, FigureUse.WHOLE));
        List<Drill> drills = Drills.of(all).through(couple.id(), 3);
        assertThat(drills).hasSize(1);
        assertThat(drills.get(0).figures()).allMatch(Danceable::isSolo);
        assertThat(drills.get(0).path()).hasSizeGreaterThan(4);
    }
}
