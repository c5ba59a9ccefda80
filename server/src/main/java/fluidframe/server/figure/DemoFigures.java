package fluidframe.server.figure;

import fluidframe.server.demo.DemoStudio;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The demo coach's own figure, with a fault on purpose. */
@Component
class DemoFigures implements DemoStudio {
    private final FigureService figures;
    private final FigureCopyRepository copies;
    private final FigureVersionRepository versions;

    DemoFigures(FigureService figures, FigureCopyRepository copies, FigureVersionRepository versions) {
        this.figures = figures;
        this.copies = copies;
        this.versions = versions;
    }

    @Override
    public void furnish() throws IOException {
        if (copies.count() + versions.count() > 0) return;
        figures.add(FigureService.read(
                new ClassPathResource("demo/lantern-pause.yaml").getContentAsString(StandardCharsets.UTF_8)));
    }

    @Override
    public int order() {
        return 1;
    }
}
