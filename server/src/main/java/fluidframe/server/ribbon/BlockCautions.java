package fluidframe.server.ribbon;

import fluidframe.core.link.Danceable;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.FreeElement;
import fluidframe.library.shipped.FreeElements;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What to mind in a place of a routine so that nobody is hurt: of a figure by its chart, of a free element by its name. */
public final class BlockCautions {
    private static final Map<String, List<String>> OF_ELEMENTS =
            FreeElements.load().stream().collect(Collectors.toMap(FreeElement::name, FreeElement::cautions));

    private BlockCautions() {}

    public static List<String> of(Block block) {
        return block.figure()
                .map(Danceable::figure)
                .map(chart -> chart.teaching().cautions())
                .orElseGet(() -> OF_ELEMENTS.getOrDefault(block.name(), List.of()));
    }
}
