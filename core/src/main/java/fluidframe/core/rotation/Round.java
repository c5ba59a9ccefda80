package fluidframe.core.rotation;

import java.util.List;

/** One round: who dances with whom, and who waits. */
public record Round(List<Pair> pairs, List<String> waiting) {
    public Round {
        pairs = List.copyOf(pairs);
        waiting = List.copyOf(waiting);
    }
}
