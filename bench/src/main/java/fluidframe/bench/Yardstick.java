package fluidframe.bench;

import fluidframe.core.count.Beats;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.link.Customary;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.link.Repertoire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solver;
import org.chocosolver.solver.constraints.extension.Tuples;
import org.chocosolver.solver.search.strategy.Search;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.chocosolver.util.tools.ArrayUtils;

/**
 * The question the planner answers, put to a general constraint solver: the best routine of so many bars that has certain
 * figures, by the usual weights. The model is written from the links alone and shares no code with the planner.
 */
public final class Yardstick {
    /** Tenths taken off for a pair danced a second time in a row. */
    private static final int PAIR_AGAIN = -40;

    private static final int CUSTOMARY = 30;
    private static final int ITSELF = 40;
    private static final int OTHER_SIDE = 10;

    private final Dance dance;
    private final List<DanceGraph.Place> places = new ArrayList<>();
    private final Map<DanceGraph.Place, Integer> numbers = new HashMap<>();
    private final List<int[]> joins = new ArrayList<>();
    private final int starts;

    /** Numbers everything that can be reached from a figure begun as charted. Only for dances that move round the floor. */
    public Yardstick(Repertoire repertoire, Dance dance) {
        this.dance = dance;
        DanceGraph graph = repertoire.graph(dance);
        repertoire.charts().stream()
                .filter(chart -> chart.dance() == dance)
                .flatMap(chart -> graph.beginnings(chart.id()).stream())
                .filter(place -> place.rotation() == 0)
                .forEach(this::number);
        starts = places.size();
        for (int from = 0; from < places.size(); from++) {
            Set<DanceGraph.Place> next = new HashSet<>();
            graph.after(places.get(from)).forEach(step -> next.add(step.to()));
            for (DanceGraph.Place to : next) joins.add(new int[] {from, number(to)});
        }
    }

    private int number(DanceGraph.Place place) {
        Integer known = numbers.putIfAbsent(place, places.size());
        if (known != null) return known;
        places.add(place);
        return places.size() - 1;
    }

    /** How many places the model has. */
    public int places() {
        return places.size();
    }

    /**
     * The best score in tenths, proved to be the best; empty if no routine meets the wish, or none was proved in time.
     *
     * @param required ids of figures that must be danced, whole
     * @param seconds how long the solver may take
     */
    public OptionalInt best(int bars, List<String> required, int seconds) {
        Model model = new Model();
        int units = units(dance.bar().times(bars));
        int shortest = places.stream().mapToInt(this::length).min().orElseThrow();
        int slots = units / shortest;
        int end = places.size();
        IntVar[] danced = model.intVarArray("danced", slots, 0, end, false);
        model.member(danced[0], java.util.stream.IntStream.range(0, starts).toArray())
                .post();
        Tuples follows = follows(end);
        IntVar[] worth = model.intVarArray("worth", slots, -200, 400, false);
        int[] travels = new int[end + 1];
        int[] lengths = new int[end + 1];
        for (int i = 0; i < end; i++) {
            travels[i] = travel(places.get(i));
            lengths[i] = length(places.get(i));
        }
        model.element(worth[0], travels, danced[0]).post();
        for (int i = 1; i < slots; i++)
            model.table(new IntVar[] {danced[i - 1], danced[i], worth[i]}, follows)
                    .post();
        IntVar[] lasts = new IntVar[slots];
        for (int i = 0; i < slots; i++) {
            lasts[i] = model.intVar(0, units);
            model.element(lasts[i], lengths, danced[i]).post();
        }
        model.sum(lasts, "=", units).post();
        for (String figure : required) {
            model.among(model.intVar(1, slots), danced, wholes(figure)).post();
        }
        IntVar score = model.intVar(-200 * slots, 400 * slots);
        BoolVar[] again = pairsAgain(model, danced, end);
        int[] weights = new int[slots + again.length];
        Arrays.fill(weights, 0, slots, 1);
        Arrays.fill(weights, slots, weights.length, PAIR_AGAIN);
        model.scalar(ArrayUtils.append(worth, again), weights, "=", score).post();
        model.setObjective(Model.MAXIMIZE, score);
        Solver solver = model.getSolver();
        solver.setSearch(Search.domOverWDegSearch(danced));
        solver.limitTime(seconds + "s");
        OptionalInt best = OptionalInt.empty();
        while (solver.solve()) best = OptionalInt.of(score.getValue());
        return solver.isStopCriterionMet() ? OptionalInt.empty() : best;
    }

    /** For every slot from the fourth whether it ends a pair of figures danced a second time in a row. */
    private BoolVar[] pairsAgain(Model model, IntVar[] danced, int end) {
        List<String> names = places.stream()
                .map(place -> place.danced().figure().id())
                .distinct()
                .toList();
        int[] figures = new int[end + 1];
        for (int i = 0; i < end; i++)
            figures[i] = names.indexOf(places.get(i).danced().figure().id());
        figures[end] = names.size();
        IntVar[] figure = model.intVarArray("figure", danced.length, 0, names.size(), false);
        for (int i = 0; i < danced.length; i++)
            model.element(figure[i], figures, danced[i]).post();
        BoolVar[] again = new BoolVar[Math.max(0, danced.length - 3)];
        for (int i = 0; i < again.length; i++) {
            again[i] = model.and(
                            model.arithm(figure[i], "=", figure[i + 2]),
                            model.arithm(figure[i + 1], "=", figure[i + 3]),
                            model.arithm(figure[i], "!=", figure[i + 1]))
                    .reify();
        }
        return again;
    }

    private Tuples follows(int end) {
        Tuples follows = new Tuples(true);
        for (int[] join : joins) {
            follows.add(join[0], join[1], worth(places.get(join[0]), places.get(join[1])));
        }
        for (int i = 0; i <= end; i++) follows.add(i, end, 0);
        return follows;
    }

    private int[] wholes(String figure) {
        return java.util.stream.IntStream.range(0, places.size())
                .filter(i -> places.get(i).danced().figure().id().equals(figure))
                .filter(i -> places.get(i).danced().use().part().isEmpty())
                .toArray();
    }

    private static int worth(DanceGraph.Place before, DanceGraph.Place now) {
        int worth = travel(now);
        if (Customary.isNamed(before.danced().figure(), now.danced().figure())) worth += CUSTOMARY;
        if (before.danced().figure().id().equals(now.danced().figure().id())) worth -= ITSELF;
        if (side(before) * side(now) < 0) worth += OTHER_SIDE;
        return worth;
    }

    private static int travel(DanceGraph.Place place) {
        return (int) Math.round(place.danced().advance(place.rotation()) * 10);
    }

    private static int side(DanceGraph.Place place) {
        return Integer.signum(place.danced().ledger().of(Role.MAN).totalTurn());
    }

    private int length(DanceGraph.Place place) {
        return units(place.danced().chart().length());
    }

    private int units(Beats beats) {
        return beats.dividedBy(dance.phraseUnit());
    }
}
