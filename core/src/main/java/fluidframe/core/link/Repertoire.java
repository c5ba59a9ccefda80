package fluidframe.core.link;

import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Ending;
import fluidframe.core.chart.FigureUse;
import fluidframe.core.chart.Repetition;
import fluidframe.core.chart.Step;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** The figures at hand, with everything that can be danced of them worked out once. Immutable. */
public final class Repertoire {
    private final Map<String, Chart> charts = new LinkedHashMap<>();
    private final List<Danceable> danceables = new ArrayList<>();
    private final Map<String, List<Danceable>> usesOf = new LinkedHashMap<>();
    private final Map<Dance, DanceGraph> graphs = new ConcurrentHashMap<>();
    private final Map<Dance, LinkMap> maps = new ConcurrentHashMap<>();

    private Repertoire(Collection<Chart> all, Optional<Repertoire> before) {
        for (Chart chart : all) charts.put(chart.id(), chart);
        charts.values().parallelStream()
                .map(chart -> before.filter(known -> chart.equals(known.charts.get(chart.id())))
                        .map(known -> known.usesOf.get(chart.id()))
                        .orElseGet(() -> danceablesOf(chart)))
                .toList()
                .forEach(uses -> {
                    danceables.addAll(uses);
                    if (!uses.isEmpty()) usesOf.put(uses.get(0).figure().id(), uses);
                });
    }

    /** What may follow what in a dance; worked out as it is asked for. */
    public DanceGraph graph(Dance dance) {
        return graphs.computeIfAbsent(dance, d -> DanceGraph.of(of(d)));
    }

    /** The map of a dance; worked out as it is asked for. */
    public LinkMap map(Dance dance) {
        return maps.computeIfAbsent(dance, d -> LinkMap.of(this, d));
    }

    /** Works out the maps and every link from figures danced as charted, so that nobody has to wait for them later. */
    public void warmLinks() {
        for (Dance dance : Dance.values()) {
            map(dance);
            DanceGraph graph = graph(dance);
            for (Danceable danced : of(dance)) {
                graph.after(new DanceGraph.Place(danced, 0, danced.chart().startBeat()));
            }
        }
    }

    public static Repertoire of(Collection<Chart> charts) {
        return new Repertoire(charts, Optional.empty());
    }

    /** The same for other charts; what has not changed is not worked out again. */
    public Repertoire with(Collection<Chart> newCharts) {
        Repertoire changed = new Repertoire(newCharts, Optional.of(this));
        for (Dance dance : Dance.values()) {
            if (!changed.of(dance).equals(of(dance))) continue;
            if (graphs.containsKey(dance)) changed.graphs.put(dance, graphs.get(dance));
            if (maps.containsKey(dance)) changed.maps.put(dance, maps.get(dance));
        }
        return changed;
    }

    private static List<Danceable> danceablesOf(Chart chart) {
        if (chart.man().isEmpty() && chart.lady().isEmpty()) return List.of();
        List<Danceable> uses = new ArrayList<>();
        for (FigureUse use : usesOf(chart)) {
            Chart danced = use.of(chart);
            if (isWhole(chart, danced)) uses.add(Danceable.of(chart, use));
        }
        return uses;
    }

    /** Whether everybody who dances the figure also dances this way of it. */
    private static boolean isWhole(Chart chart, Chart danced) {
        return Stream.of(Role.values())
                        .allMatch(role -> chart.steps(role).isEmpty()
                                == danced.steps(role).isEmpty())
                && !(danced.man().isEmpty() && danced.lady().isEmpty());
    }

    private static List<FigureUse> usesOf(Chart chart) {
        List<FigureUse> uses = new ArrayList<>(List.of(FigureUse.WHOLE));
        chart.variants().forEach(v -> uses.add(FigureUse.ofVariant(v.id())));
        chart.parts().forEach(p -> uses.add(FigureUse.ofPart(p.id())));
        for (FigureUse once : List.copyOf(uses)) {
            if (once.part().isEmpty()) uses.addAll(repeatsOf(chart, once));
        }
        return uses;
    }

    /** Of all numbers of repeats the least for every way in which the couple can be left: feet, beat of the bar, direction. */
    private static List<FigureUse> repeatsOf(Chart chart, FigureUse once) {
        Chart unrepeated = once.of(chart);
        Role lead = chart.man().isEmpty() ? Role.LADY : Role.MAN;
        Map<List<Object>, FigureUse> found = new LinkedHashMap<>();
        List<Integer> most = Repetition.most(unrepeated);
        for (int group = 0; group < most.size(); group++) {
            boolean alternates = group == 0
                    && once.variant().isEmpty()
                    && unrepeated.repeats().get(0).mirrored();
            for (int often = 1; often <= most.get(group); often++) {
                List<Integer> times = new ArrayList<>(Collections.nCopies(group, 1));
                times.add(often);
                for (boolean other : alternates ? new boolean[] {false, true} : new boolean[] {false}) {
                    FigureUse use = once.repeated(times, other);
                    Chart danced = use.of(chart);
                    if (!danced.length().remainder(chart.dance().phraseUnit()).isZero()) continue;
                    List<Step> his = danced.steps(lead);
                    List<Object> left = List.of(
                            other,
                            Repetition.freeFoot(danced, lead),
                            danced.length().remainder(chart.dance().bar()),
                            his.get(his.size() - 1).alignment());
                    found.putIfAbsent(left, use);
                }
            }
        }
        List<FigureUse> uses = new ArrayList<>(found.values());
        uses.remove(once);
        return uses;
    }

    public Optional<Chart> chart(String id) {
        return Optional.ofNullable(charts.get(id));
    }

    public Collection<Chart> charts() {
        return List.copyOf(charts.values());
    }

    /** Every way in which one figure is danced; empty for an unknown figure and one without rows. */
    public List<Danceable> usesOf(String figureId) {
        return usesOf.getOrDefault(figureId, List.of());
    }

    /** Whole figures, variants and parts of one dance, in library order. */
    public List<Danceable> of(Dance dance) {
        return danceables.stream().filter(d -> d.figure().dance() == dance).toList();
    }

    /** One of them as asked; empty if there is no such figure, part, variant or option, or it cannot end so near. */
    public Optional<Danceable> find(String figureId, FigureUse use) {
        FigureUse plain = use.plain();
        Optional<Danceable> found = usesOf.getOrDefault(figureId, List.of()).stream()
                .filter(d -> d.use().equals(plain))
                .findFirst();
        if (found.isPresent() && use.equals(plain)) return found;
        return chart(figureId)
                .filter(use::existsIn)
                .filter(chart -> isWhole(chart, use.of(chart)))
                .map(chart -> Danceable.of(chart, use))
                .filter(danced ->
                        use.ending() == Ending.AS_CHARTED || danced.endings().contains(use.ending()));
    }
}
