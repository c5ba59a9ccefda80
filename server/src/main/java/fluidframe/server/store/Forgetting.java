package fluidframe.server.store;

import fluidframe.server.refusal.NotFoundException;
import java.util.List;
import org.springframework.stereotype.Component;

/** Takes away for good and at once what somebody wants to be forgotten, without a stay in the bin. */
@Component
public class Forgetting {
    private final DocumentStore store;

    Forgetting(DocumentStore store) {
        this.store = store;
    }

    /** With its versions, wherever it lies, and with what lies in the bin and names it. */
    public void erase(Ref of) {
        DocumentKey key = new DocumentKey(of.kind().toString(), of.id());
        store.write(() -> {
            DocumentRow row = store.rows()
                    .findById(key)
                    .orElseThrow(() -> new NotFoundException("There is no " + of.kind() + " \"" + of.id() + "\""));
            for (DocumentRow user : store.rows().binnedUsers(key.kind(), key.id())) {
                // The lessons of a couple in the bin lie there too, or are of nobody any more.
                store.rows()
                        .deleteAll(store.rows()
                                .binnedUsers(user.key().kind(), user.key().id()));
                store.rows().delete(user);
            }
            store.rows().delete(row);
            return null;
        });
    }

    /** Ids of what of a kind lies in the bin and names it. */
    public List<String> inTheBin(Kind kind, Ref naming) {
        return store.read(() -> store.rows().binnedUsers(naming.kind().toString(), naming.id())).stream()
                .filter(row -> row.key().kind().equals(kind.toString()))
                .map(row -> row.key().id())
                .toList();
    }

    /** What was kept of it before; it stays as it is. */
    public void forgetVersions(Ref of) {
        store.write(() -> store.versions().deleteAll(of.kind().toString(), of.id()));
    }
}
