package fluidframe.server.routine;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import fluidframe.core.count.Dance;
import fluidframe.core.routine.Junction;
import fluidframe.core.routine.RoutineWork;
import fluidframe.server.web.NotFoundException;
import fluidframe.server.web.StaleException;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeping routines. A routine with impossible joins is kept like any other. */
@Service
public class RoutineService {
    private final RoutineRepository routines;
    private final RoutineVersionRepository versions;
    private final RoutineDesk desk;
    private final ObjectMapper mapper;

    RoutineService(
            RoutineRepository routines, RoutineVersionRepository versions, RoutineDesk desk, ObjectMapper mapper) {
        this.routines = routines;
        this.versions = versions;
        this.desk = desk;
        this.mapper = mapper;
    }

    @Transactional(readOnly = true)
    List<RoutineView.RoutineSummary> list(Dance dance) {
        return routines.findByDanceOrderByName(dance.toString()).stream()
                .map(this::summary)
                .toList();
    }

    private RoutineView.RoutineSummary summary(RoutineEntity entity) {
        RoutineDraft draft = read(entity);
        int bars = 0;
        int broken = 0;
        try {
            RoutineWork work = desk.workOf(draft);
            bars = work.length().dividedBy(draft.toDance().bar());
            broken = (int) work.junctions().stream()
                    .filter(Junction::isBroken)
                    .filter(join -> draft.figures().get(join.index()).accepted() == null)
                    .count();
        } catch (IllegalArgumentException e) {
            broken = -1;
        }
        return new RoutineView.RoutineSummary(
                entity.id(),
                draft.name(),
                draft.dance(),
                bars,
                draft.figures().size(),
                broken,
                draft.note(),
                draft.couple(),
                entity.savedAt());
    }

    @Transactional(readOnly = true)
    RoutineView get(UUID id) {
        return view(find(id));
    }

    /** A kept routine. */
    @Transactional(readOnly = true)
    public RoutineDraft draft(UUID id) {
        return read(find(id));
    }

    @Transactional
    RoutineView create(RoutineDraft draft) {
        draft.toDance();
        return view(routines.saveAndFlush(RoutineEntity.of(UUID.randomUUID(), draft, write(draft), Instant.now())));
    }

    @Transactional
    RoutineView save(UUID id, long expectedVersion, RoutineDraft draft) {
        RoutineEntity entity = find(id);
        if (entity.version() != expectedVersion) {
            throw new StaleException(
                    "\"" + draft.name() + "\"", expectedVersion, entity.version(), read(entity), draft);
        }
        draft.toDance();
        entity.replaceWith(draft, write(draft), Instant.now());
        return view(routines.saveAndFlush(entity));
    }

    @Transactional
    void delete(UUID id) {
        versions.deleteByKeyRoutineId(id);
        routines.delete(find(id));
    }

    private RoutineEntity find(UUID id) {
        return routines.findById(id).orElseThrow(() -> new NotFoundException("There is no routine " + id));
    }

    private RoutineView view(RoutineEntity entity) {
        return new RoutineView(entity.id(), entity.version(), entity.savedAt(), read(entity));
    }

    private String write(RoutineDraft draft) {
        try {
            return mapper.writeValueAsString(draft);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A routine is plain texts and numbers", e);
        }
    }

    private RoutineDraft read(RoutineEntity entity) {
        try {
            return mapper.readValue(entity.document(), RoutineDraft.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("A kept routine is JSON", e);
        }
    }
}
