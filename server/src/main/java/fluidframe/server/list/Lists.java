package fluidframe.server.list;

import fluidframe.core.list.FigureList;
import fluidframe.library.list.ListFormat;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.store.Document;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The starter list, which stays as it ships, and the coach's own. */
@Component
public class Lists {
    /** The id of the list that ships. */
    public static final String STARTER = "starter";

    private final Documents<FigureList, ListView.ListSummary> own;
    private final FigureList starter = ListFormat.starter();

    Lists(Documents<FigureList, ListView.ListSummary> own) {
        this.own = own;
    }

    FigureList starter() {
        return starter;
    }

    /** Refuses one that is not there. */
    public FigureList list(String id) {
        return find(id).orElseThrow(() -> new NotFoundException("There is no list \"" + id + "\""));
    }

    public Optional<FigureList> find(String id) {
        return id.equals(STARTER) ? Optional.of(starter) : own.find(id).map(Document::value);
    }

    /** Refuses the name by which the one goes that ships; the store sees to the others. */
    void refuseTaken(String name) {
        if (name.equalsIgnoreCase(starter.name())) throw Kind.LIST.nameTaken(name);
    }

    static void refuseStarter(String id) {
        if (id.equals(STARTER)) {
            throw new IllegalArgumentException("The starter list stays as it ships: make a list of your own from it");
        }
    }
}
