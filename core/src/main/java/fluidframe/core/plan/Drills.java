package fluidframe.core.plan;

import fluidframe.core.count.Beats;
import fluidframe.core.link.Arrival;
import fluidframe.core.link.Customary;
import fluidframe.core.link.Danceable;
import fluidframe.core.link.Linker;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

/**
 * Practice chains of the lesson kind: up to three figures, parts and variants included, that can be danced again from their end
 * whatever the direction, and four where charts name every join. {@link Loops} asks besides that the couple comes back to its
 * alignment. What follows what is worked out when it is first asked for and kept; may be asked by several at once.
 */
public final class Drills {
    /** More figures are a routine, not a drill. */
    public static final int MOST_FIGURES = 4;

    /** Up to so many every chain is looked for; of longer ones those in which every join is customary, for the rest is no end. */
    private static final int ALL_UP_TO = 3;

    private final List<Danceable> all;
    private final Map<From, Set<Danceable>> after = new ConcurrentHashMap<>();

    private record From(Danceable danced, Beats beat) {}

    private Drills(Collection<Danceable> all) {
        // A figure repeated in itself is a drill already, and would make the same drill over and over.
        this.all = all.stream().filter(danced -> danced.use().times().isEmpty()).toList();
    }

    /** Over everything that can be danced of one dance. */
    public static Drills of(Collection<Danceable> all) {
        return new Drills(all);
    }

    /**
     * All drills through a figure, the most customary first, then the shorter and those with fewer variants; each once, from
     * the first time the figure is danced in it.
     *
     * @param mostFigures 1 to {@value #MOST_FIGURES}
     */
    public List<Drill> through(String figureId, int mostFigures) {
        if (mostFigures < 1 || mostFigures > MOST_FIGURES) {
            throw new IllegalArgumentException(
                    "A drill must have 1 to " + MOST_FIGURES + " figures, but was asked for " + mostFigures);
        }
        List<Drill> drills = new ArrayList<>();
        Set<List<Danceable>> seen = new HashSet<>();
        for (Danceable start : all) {
            if (start.figure().id().equals(figureId)) new Search(start, mostFigures, drills, seen).collect();
        }
        drills.sort(Comparator.comparingInt((Drill d) -> d.figures().size() - d.customary())
                .thenComparingInt(d -> d.figures().size())
                .thenComparingInt(Drill::variants)
                .thenComparingDouble(Drill::bars)
                .thenComparing(
                        d -> d.figures().stream().map(Danceable::name).toList().toString()));
        return drills;
    }

    private Set<Danceable> after(Danceable danced, Beats beat) {
        return after.computeIfAbsent(new From(danced, beat), from -> {
            Arrival arrival = Arrival.after(danced, 0, beat);
            return all.stream()
                    .filter(next -> Linker.turnedTo(arrival, next).isPresent())
                    .collect(Collectors.toCollection(LinkedHashSet::new));
        });
    }

    /** All drills from one way of dancing the figure. */
    private final class Search {
        private final Danceable start;
        private final Beats bar;
        private final int mostFigures;
        private final List<Drill> drills;
        private final Set<List<Danceable>> seen;
        private final List<Danceable> chain = new ArrayList<>();

        Search(Danceable start, int mostFigures, List<Drill> drills, Set<List<Danceable>> seen) {
            this.start = start;
            this.bar = start.chart().dance().bar();
            this.mostFigures = mostFigures;
            this.drills = drills;
            this.seen = seen;
        }

        void collect() {
            extend(start, start.chart().startBeat());
        }

        private void extend(Danceable danced, Beats beat) {
            chain.add(danced);
            Beats next = beat.plus(danced.length()).remainder(bar);
            Set<Danceable> followers = after(danced, beat);
            if (next.equals(start.chart().startBeat()) && followers.contains(start) && isWanted() && isNew()) {
                seen.add(List.copyOf(chain));
                drills.add(drill());
            }
            for (Danceable follower : followers) if (mayGoOn(follower)) extend(follower, next);
            chain.remove(chain.size() - 1);
        }

        private boolean isWanted() {
            return chain.size() <= ALL_UP_TO || Customary.isNamed(danced().figure(), start.figure());
        }

        private Danceable danced() {
            return chain.get(chain.size() - 1);
        }

        private boolean mayGoOn(Danceable follower) {
            if (chain.size() == mostFigures) return false;
            return chain.size() < ALL_UP_TO || isCustomary(follower);
        }

        private boolean isCustomary(Danceable follower) {
            for (int i = 1; i <= chain.size(); i++) {
                Danceable next = i == chain.size() ? follower : chain.get(i);
                if (!Customary.isNamed(chain.get(i - 1).figure(), next.figure())) return false;
            }
            return true;
        }

        /** A chain begun elsewhere in its round is the same drill, and so is a shorter one danced twice. */
        private boolean isNew() {
            int size = chain.size();
            for (int by = 0; by < size; by++) {
                List<Danceable> begun = new ArrayList<>(chain.subList(by, size));
                begun.addAll(chain.subList(0, by));
                if (by > 0 && begun.equals(chain) || seen.contains(begun)) return false;
            }
            return true;
        }

        private Drill drill() {
            List<Integer> rotations = new ArrayList<>();
            int rotation = 0;
            int customary = 0;
            Beats beat = start.chart().startBeat();
            for (int i = 0; i < chain.size(); i++) {
                Danceable danced = chain.get(i);
                Danceable next = chain.get((i + 1) % chain.size());
                rotations.add(rotation);
                OptionalInt turned = Linker.turnedTo(Arrival.after(danced, rotation, beat), next);
                rotation = turned.orElseThrow();
                beat = beat.plus(danced.length()).remainder(bar);
                if (Customary.isNamed(danced.figure(), next.figure())) customary++;
            }
            int turned = rotation > 8 ? rotation - 16 : rotation;
            return new Drill(chain, rotations, turned, customary);
        }
    }
}
