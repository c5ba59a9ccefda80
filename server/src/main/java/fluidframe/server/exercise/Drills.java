package fluidframe.server.exercise;

import fluidframe.core.count.Dance;
import fluidframe.core.exercise.Drill;
import fluidframe.library.exercise.DrillFormat;
import fluidframe.library.text.Format;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Traits;
import java.util.Locale;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How drills are kept. */
@Configuration
class Drills implements Traits<Drill, ExerciseView.DrillSummary> {
    @Bean
    Documents<Drill, ExerciseView.DrillSummary> drillDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.DRILL;
    }

    @Override
    public Format<Drill> format() {
        return DrillFormat.DRILL;
    }

    @Override
    public String name(Drill value) {
        return value.name();
    }

    @Override
    public String words(Drill value) {
        return value.name() + " " + value.purpose() + " " + value.dances();
    }

    @Override
    public Class<ExerciseView.DrillSummary> summaryType() {
        return ExerciseView.DrillSummary.class;
    }

    @Override
    public ExerciseView.DrillSummary summary(Drill value) {
        return new ExerciseView.DrillSummary(
                value.name(),
                value.dances().stream().map(Dance::toString).toList(),
                value.who().name().toLowerCase(Locale.ROOT),
                value.purpose(),
                value.minutes(),
                value.cautions().isEmpty() ? "" : value.cautions().get(0));
    }
}
