package fluidframe.server.exercise;

import fluidframe.core.exercise.Drill;
import fluidframe.core.exercise.Exercises;
import fluidframe.core.exercise.SetUp;
import fluidframe.server.store.Documents;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;

/** All drills and cards as they stand, kept read: only what has been saved since is read again. */
@Component
public class ExerciseShelf {
    private final Shelf<Drill> drills;
    private final Shelf<SetUp> cards;

    ExerciseShelf(
            Documents<Drill, ExerciseView.DrillSummary> drills, Documents<SetUp, ExerciseView.CardSummary> cards) {
        this.drills = new Shelf<>(drills);
        this.cards = new Shelf<>(cards);
    }

    /** As they stand now. */
    public Exercises all() {
        return new Exercises(drills.all(), cards.all());
    }

    private static final class Shelf<T> {
        private final Documents<T, ?> documents;
        private Map<String, Kept<T>> read = Map.of();

        private record Kept<T>(Instant savedAt, T value) {}

        Shelf(Documents<T, ?> documents) {
            this.documents = documents;
        }

        synchronized List<Exercises.Shelved<T>> all() {
            Map<String, Kept<T>> now = new TreeMap<>();
            documents.saved().forEach((id, savedAt) -> {
                Kept<T> known = read.get(id);
                if (known != null && known.savedAt().equals(savedAt)) now.put(id, known);
                else documents.find(id).ifPresent(found -> now.put(id, new Kept<>(found.savedAt(), found.value())));
            });
            read = now;
            return now.entrySet().stream()
                    .map(one ->
                            new Exercises.Shelved<>(one.getKey(), one.getValue().value()))
                    .toList();
        }
    }
}
