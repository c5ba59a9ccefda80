package fluidframe.server.exercise;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.exercise.Drill;
import fluidframe.core.exercise.SetUp;
import fluidframe.library.shipped.StarterExercises;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Furnished;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Puts the drills and cards that ship into a studio once, before the first page is served; they are the coach's own from then
 * on, and what has been deleted stays deleted.
 */
@Component
class StarterSet implements SmartLifecycle {
    private static final String WHAT = "exercises";

    private final Documents<Drill, ExerciseView.DrillSummary> drills;
    private final Documents<SetUp, ExerciseView.CardSummary> cards;
    private final Furnished furnished;
    private boolean running;

    StarterSet(
            Documents<Drill, ExerciseView.DrillSummary> drills,
            Documents<SetUp, ExerciseView.CardSummary> cards,
            Furnished furnished) {
        this.drills = drills;
        this.cards = cards;
        this.furnished = furnished;
    }

    @Override
    public void start() {
        running = true;
        furnished.once(WHAT, () -> {
            drills.furnish(texts(StarterExercises.drills()), Optional.empty());
            cards.furnish(texts(StarterExercises.cards()), Optional.empty());
        });
    }

    private static List<String> texts(JsonNode documents) {
        List<String> texts = new ArrayList<>();
        documents.forEach(document -> texts.add(document.toString()));
        return texts;
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public int getPhase() {
        return Furnished.BEFORE_THE_PAGES;
    }
}
