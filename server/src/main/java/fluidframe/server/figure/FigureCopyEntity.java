package fluidframe.server.figure;

import fluidframe.core.chart.Chart;
import fluidframe.library.ChartSalvage;
import fluidframe.library.ChartWriter;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;

/** The coach's own chart of a figure: a copy on top of a shipped one, or a figure of his own. */
@Entity
@Table(name = "figure_copy")
class FigureCopyEntity {
    @Id
    private String id;

    private String dance;
    private String name;

    @Version
    private long version;

    private int number;

    @Lob
    @Column(columnDefinition = "clob")
    private String document;

    private Instant savedAt;

    protected FigureCopyEntity() {}

    static FigureCopyEntity of(Chart chart, int number, Instant now) {
        FigureCopyEntity entity = new FigureCopyEntity();
        entity.id = chart.id();
        entity.replaceWith(chart, number, now);
        return entity;
    }

    void replaceWith(Chart chart, int newNumber, Instant now) {
        dance = chart.dance().toString();
        name = chart.identity().name();
        number = newNumber;
        document = ChartWriter.toYaml(chart);
        savedAt = now;
    }

    /** As far as it can be read; empty where not even its name and dance can be. */
    Optional<Chart> toChart() {
        return ChartSalvage.read(document).chart();
    }

    String id() {
        return id;
    }

    int number() {
        return number;
    }
}
