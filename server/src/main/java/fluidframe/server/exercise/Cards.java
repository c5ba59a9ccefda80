package fluidframe.server.exercise;

import fluidframe.core.count.Dance;
import fluidframe.core.exercise.SetUp;
import fluidframe.library.exercise.CardFormat;
import fluidframe.library.text.Format;
import fluidframe.server.store.DocumentStore;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Traits;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How set-up cards are kept. */
@Configuration
class Cards implements Traits<SetUp, ExerciseView.CardSummary> {
    @Bean
    Documents<SetUp, ExerciseView.CardSummary> cardDocuments(DocumentStore store) {
        return store.of(this);
    }

    @Override
    public Kind kind() {
        return Kind.CARD;
    }

    @Override
    public Format<SetUp> format() {
        return CardFormat.CARD;
    }

    @Override
    public String name(SetUp value) {
        return value.name();
    }

    @Override
    public String words(SetUp value) {
        return value.name() + " " + value.hold() + " " + value.dances();
    }

    @Override
    public Class<ExerciseView.CardSummary> summaryType() {
        return ExerciseView.CardSummary.class;
    }

    @Override
    public ExerciseView.CardSummary summary(SetUp value) {
        return new ExerciseView.CardSummary(
                value.name(), value.dances().stream().map(Dance::toString).toList(), value.hold());
    }
}
