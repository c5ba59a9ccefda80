package fluidframe.server.repertoire;

import fluidframe.core.chart.Chart;
import fluidframe.library.figure.ChartFormat;
import fluidframe.library.text.Format;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Traits;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How the coach's own charts are kept: copies on top of shipped ones, and figures of his own. */
@Configuration
class Figures implements Traits<Chart, FigureListing> {
    @Bean
    Documents<Chart, FigureListing> figureDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.FIGURE;
    }

    @Override
    public Format<Chart> format() {
        return ChartFormat.CHART;
    }

    @Override
    public Optional<String> id(Chart chart) {
        return Optional.of(chart.id());
    }

    @Override
    public String name(Chart chart) {
        return chart.identity().name();
    }

    @Override
    public String dance(Chart chart) {
        return chart.dance().toString();
    }

    @Override
    public Class<FigureListing> summaryType() {
        return FigureListing.class;
    }

    /** A routine's joins depend on the charts of its figures. */
    @Override
    public boolean isUsedInSummaries() {
        return true;
    }

    @Override
    public FigureListing summary(Chart chart) {
        return FigureListing.of(chart);
    }
}
