package fluidframe.server.list;

import fluidframe.library.FigureList;
import fluidframe.library.FigureLists;
import fluidframe.server.web.NotFoundException;
import fluidframe.server.web.StaleException;
import fluidframe.server.web.UnreadableException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The starter list, which stays as it ships, and the coach's own. */
@Service
public class ListService {
    private final FigureListRepository lists;
    private final FigureList starter = FigureLists.starter();

    ListService(FigureListRepository lists) {
        this.lists = lists;
    }

    @Transactional(readOnly = true)
    List<ListView.ListSummary> all() {
        List<ListView.ListSummary> all = new ArrayList<>(List.of(ListView.summary(ListView.STARTER, starter)));
        lists.findAllByOrderByName()
                .forEach(own -> all.add(ListView.summary(own.id().toString(), own.list())));
        return all;
    }

    @Transactional(readOnly = true)
    public FigureList list(String id) {
        return id.equals(ListView.STARTER) ? starter : find(id).list();
    }

    @Transactional(readOnly = true)
    ListView get(String id) {
        return id.equals(ListView.STARTER) ? ListView.of(id, 0, starter) : view(find(id));
    }

    @Transactional
    ListView copy(String id, String name) {
        return keep(list(id).copied(name));
    }

    @Transactional
    ListView add(String text) {
        FigureLists.Read read = FigureLists.read(text);
        return keep(read.list().orElseThrow(() -> new UnreadableException(read.problems())));
    }

    private ListView keep(FigureList list) {
        refuseTaken(list.name(), null);
        return view(lists.saveAndFlush(FigureListEntity.of(list, Instant.now())));
    }

    @Transactional
    ListView save(String id, long expectedVersion, FigureList list) {
        FigureListEntity entity = find(id);
        if (entity.version() != expectedVersion) {
            throw new StaleException(
                    "The list \"" + list.name() + "\"", expectedVersion, entity.version(), view(entity), list);
        }
        refuseTaken(list.name(), entity.id());
        entity.replaceWith(list, Instant.now());
        return view(lists.saveAndFlush(entity));
    }

    @Transactional
    void delete(String id) {
        lists.delete(find(id));
    }

    private void refuseTaken(String name, UUID but) {
        boolean taken = name.equalsIgnoreCase(starter.name())
                || lists.findAll().stream()
                        .anyMatch(
                                other -> !other.id().equals(but) && other.name().equalsIgnoreCase(name));
        if (taken) {
            throw new IllegalArgumentException("There is a list called \"" + name + "\" already: choose another name");
        }
    }

    private FigureListEntity find(String id) {
        if (id.equals(ListView.STARTER)) {
            throw new IllegalArgumentException("The starter list stays as it ships: make a list of your own from it");
        }
        try {
            return lists.findById(UUID.fromString(id)).orElseThrow(() -> missing(id));
        } catch (IllegalArgumentException e) {
            throw missing(id);
        }
    }

    private static NotFoundException missing(String id) {
        return new NotFoundException("There is no list \"" + id + "\"");
    }

    private static ListView view(FigureListEntity entity) {
        return ListView.of(entity.id().toString(), entity.version(), entity.list());
    }
}
