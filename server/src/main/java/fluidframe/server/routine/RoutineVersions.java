package fluidframe.server.routine;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.server.figure.FigureShelf;
import fluidframe.server.web.NotFoundException;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Versions that a coach keeps of a routine, beside the saving that goes on by itself. */
@Service
class RoutineVersions {
    /** A version in the list of them. */
    record RoutineVersionView(int number, String note, Instant savedAt, RoutineDraft routine) {}

    private final RoutineVersionRepository versions;
    private final RoutineRepository routines;
    private final FigureShelf shelf;
    private final ObjectMapper mapper;

    RoutineVersions(
            RoutineVersionRepository versions, RoutineRepository routines, FigureShelf shelf, ObjectMapper mapper) {
        this.versions = versions;
        this.routines = routines;
        this.shelf = shelf;
        this.mapper = mapper;
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    List<RoutineVersionView> of(UUID routineId) {
        return versions.findByKeyRoutineIdOrderByKeyNumberDesc(routineId).stream()
                .map(this::view)
                .toList();
    }

    /** Keeps the routine as it was last saved. */
    @Transactional
    RoutineVersionView keep(UUID routineId, String note) {
        RoutineEntity routine = routines.findById(routineId)
                .orElseThrow(() -> new NotFoundException("There is no routine " + routineId));
        int number = versions.newest(routineId).orElse(0) + 1;
        return view(versions.save(new RoutineVersionEntity(
                new RoutineVersionEntity.Key(routineId, number), note, routine.document(), Instant.now())));
    }

    /** What has changed from a version to a routine as given. */
    @Transactional(readOnly = true)
    List<RoutineChange> difference(UUID routineId, int number, RoutineDraft now) {
        RoutineVersionEntity version = versions.findById(new RoutineVersionEntity.Key(routineId, number))
                .orElseThrow(() -> new NotFoundException("The routine has no version " + number));
        return RoutineChange.between(view(version).routine(), now, shelf.repertoire());
    }

    private RoutineVersionView view(RoutineVersionEntity entity) {
        try {
            RoutineDraft routine = mapper.readValue(entity.document(), RoutineDraft.class);
            return new RoutineVersionView(entity.number(), entity.note(), entity.savedAt(), routine);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A kept version is JSON", e);
        }
    }
}
