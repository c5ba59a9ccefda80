package fluidframe.server.figure;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.library.ChartSchema;
import fluidframe.library.Problem;
import fluidframe.server.web.UnreadableException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Unsaved work, kept as typed so that a closed window loses nothing. */
@Service
class FigureDrafts {
    private static final int MAX_CHARACTERS = 1_000_000;

    private final FigureDraftRepository drafts;
    private final ObjectMapper mapper;

    FigureDrafts(FigureDraftRepository drafts, ObjectMapper mapper) {
        this.drafts = drafts;
        this.mapper = mapper;
    }

    @Transactional
    void keep(String figureId, int baseVersion, JsonNode document) {
        List<Problem> shape = ChartSchema.shapeProblems(document);
        if (!shape.isEmpty()) throw new UnreadableException(shape);
        String text = document.toString();
        if (text.length() > MAX_CHARACTERS) {
            throw new IllegalArgumentException(
                    "A draft must be at most " + MAX_CHARACTERS + " characters, but has " + text.length());
        }
        drafts.save(FigureDraftEntity.of(figureId, baseVersion, text, Instant.now()));
    }

    @Transactional
    void discard(String figureId) {
        drafts.findById(figureId).ifPresent(drafts::delete);
    }

    @Transactional(readOnly = true)
    Optional<FigureView.DraftView> of(String figureId) {
        return drafts.findById(figureId)
                .map(draft -> new FigureView.DraftView(draft.baseNumber(), tree(draft.document()), draft.savedAt()));
    }

    @Transactional(readOnly = true)
    Set<String> figureIds() {
        return drafts.findAll().stream().map(FigureDraftEntity::figureId).collect(Collectors.toSet());
    }

    private JsonNode tree(String document) {
        try {
            return mapper.readTree(document);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A kept draft is JSON", e);
        }
    }
}
