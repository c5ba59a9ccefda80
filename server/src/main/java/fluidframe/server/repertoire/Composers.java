package fluidframe.server.repertoire;

import fluidframe.core.count.Dance;
import fluidframe.core.link.DanceGraph;
import fluidframe.core.plan.Composer;
import java.util.EnumMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A composer for each dance, made once for each state of its charts. */
@Component
public class Composers {
    private record Known(DanceGraph graph, Composer composer) {}

    private final FigureShelf shelf;
    private final Map<Dance, Known> known = new EnumMap<>(Dance.class);

    Composers(FigureShelf shelf) {
        this.shelf = shelf;
    }

    /** Whoever asks while one is made waits for it. */
    public synchronized Composer of(Dance dance) {
        DanceGraph graph = shelf.repertoire().graph(dance);
        Known current = known.get(dance);
        if (current == null || current.graph() != graph) {
            current = new Known(graph, Composer.of(shelf.repertoire(), dance));
            known.put(dance, current);
        }
        return current.composer();
    }
}
