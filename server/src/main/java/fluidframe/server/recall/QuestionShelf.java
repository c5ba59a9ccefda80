package fluidframe.server.recall;

import fluidframe.core.count.Dance;
import fluidframe.core.link.Repertoire;
import fluidframe.core.recall.Answers;
import fluidframe.core.recall.Question;
import fluidframe.core.recall.Questions;
import fluidframe.library.typed.Vocabulary;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.repertoire.FigureShelf;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The questions of every dance, drawn when they are first asked for and anew when a chart has changed. */
@Component
class QuestionShelf {
    private final Answers answers = new Answers(Vocabulary::meant);
    private final FigureShelf shelf;
    private final Map<Dance, Map<String, Question>> drawn = new EnumMap<>(Dance.class);
    private Repertoire from;

    QuestionShelf(FigureShelf shelf) {
        this.shelf = shelf;
    }

    Answers answers() {
        return answers;
    }

    /** Those of a dance by their ids, in the order of its figures and rows. */
    synchronized Map<String, Question> of(Dance dance) {
        Repertoire now = shelf.repertoire();
        if (now != from) drawn.clear();
        from = now;
        return drawn.computeIfAbsent(dance, wanted -> {
            Map<String, Question> byId = new LinkedHashMap<>();
            Questions.of(now, wanted, answers).forEach(question -> byId.put(question.id(), question));
            return byId;
        });
    }

    /** Refuses one that no chart answers. */
    Question get(String id) {
        return find(id).orElseThrow(
                        () -> new NotFoundException("No chart answers the question \"" + id + "\" any more"));
    }

    /** Empty for one that no chart answers. */
    Optional<Question> find(String id) {
        String dance = id.substring(0, Math.max(0, id.indexOf('.')));
        return Arrays.stream(Dance.values())
                .filter(one -> one.toString().equals(dance))
                .findFirst()
                .map(one -> of(one).get(id));
    }
}
