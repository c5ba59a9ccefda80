package fluidframe.server.intake;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Chart;
import fluidframe.library.archive.Stored;
import fluidframe.library.exchange.Brought;
import fluidframe.library.exchange.Formats;
import fluidframe.library.exchange.Imports;
import fluidframe.library.exchange.Incoming;
import fluidframe.library.text.Difference;
import fluidframe.library.text.Problem;
import fluidframe.server.backup.BackupView;
import fluidframe.server.backup.Backups;
import fluidframe.server.intake.IntakeView.BroughtThing;
import fluidframe.server.intake.IntakeView.Chosen;
import fluidframe.server.intake.IntakeView.How;
import fluidframe.server.repertoire.FigureListing;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentKey;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import fluidframe.server.store.Ref;
import fluidframe.server.store.Taking;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Looks at what a file brings, and takes what the coach has chosen of it. */
@Service
class Intake {
    private static final int MOST_DIFFERENCES = 40;
    private static final int LONGEST_ID = 80;
    private static final int LONGEST_NAME = 120;

    private final Taking taking;
    private final Backups backups;
    private final Documents<Chart, FigureListing> charts;
    private final FigureShelf shelf;
    private final Imports imports;

    Intake(Taking taking, Backups backups, Documents<Chart, FigureListing> charts, FigureShelf shelf) {
        this.taking = taking;
        this.backups = backups;
        this.charts = charts;
        this.shelf = shelf;
        this.imports = new Imports(this::chart);
    }

    private Optional<Chart> chart(String id) {
        return charts.find(id).map(Document::value).or(() -> shelf.shipped(id));
    }

    /** A file that is no backup. */
    IntakeView look(String name, byte[] bytes) {
        Brought brought = imports.read(new Incoming(name, bytes));
        Set<Ref> along = new HashSet<>();
        for (Brought.Thing thing : brought.things())
            thing.id().ifPresent(id -> along.add(new Ref(Kind.parse(thing.kind()), id)));
        List<BroughtThing> things = brought.things().stream()
                .map(thing -> {
                    Kind kind = Kind.parse(thing.kind());
                    String id =
                            thing.id().filter(own -> own.length() <= LONGEST_ID).orElseGet(Intake::newId);
                    return thing(kind, id, thing.document(), along, Optional.empty());
                })
                .toList();
        return new IntakeView(name, brought.what(), things, brought.problems(), brought.notes());
    }

    private static String newId() {
        return UUID.randomUUID().toString();
    }

    private BroughtThing thing(Kind kind, String id, JsonNode document, Set<Ref> along, Optional<String> backup) {
        Taking.Compared compared = taking.compared(kind, id, document);
        Taking.State state = compared.state();
        List<Difference> differences = compared.differences();
        if (state == Taking.State.NEW
                && kind == Kind.FIGURE
                && shelf.shipped(id).isPresent()) {
            // Against the chart that ships, on top of which it would lie.
            Chart shipped = shelf.shipped(id).get();
            differences = charts.traits()
                    .format()
                    .differences(
                            shipped, charts.traits().format().read(document).orThrow());
            state = differences.isEmpty() ? Taking.State.SAME : Taking.State.DIFFERENT;
        }
        List<String> missing = taking.uses(kind, document).stream()
                .filter(ref -> !along.contains(ref) && !isHere(ref))
                .map(ref -> ref.kind() + " " + ref.id())
                .sorted()
                .toList();
        return new BroughtThing(
                kind.toString(),
                id,
                taking.name(kind, document),
                state.name().toLowerCase(Locale.ROOT),
                differences.subList(0, Math.min(differences.size(), MOST_DIFFERENCES)),
                missing,
                backup.isPresent() ? Optional.empty() : Optional.of(document),
                backup);
    }

    private boolean isHere(Ref ref) {
        return ref.kind() == Kind.FIGURE && shelf.shipped(ref.id()).isPresent() || taking.isTaken(ref);
    }

    /** A whole studio from elsewhere, which is put beside the backups first. */
    IntakeView lookAtStudio(String name, InputStream body) {
        return lookAtBackup(name, backups.bring(body).name());
    }

    /** What differs in a backup that is here; nothing is kept. */
    IntakeView lookAtBackup(String backup) {
        return lookAtBackup(backup, backup);
    }

    private IntakeView lookAtBackup(String name, String backup) {
        BackupView.Contents contents = backups.contents(backup);
        List<Problem> problems = new ArrayList<>();
        contents.problems().forEach(sentence -> problems.add(new Problem(0, 0, "", sentence)));
        Set<DocumentKey> wanted = contents.items().stream()
                .filter(item -> !item.state().equals("gone"))
                .map(item -> new DocumentKey(item.kind(), item.id()))
                .collect(Collectors.toSet());
        List<BroughtThing> things = new ArrayList<>();
        Optional<String> from = Optional.of(backup);
        documents(backup, wanted)
                .forEach((key, document) ->
                        things.add(thing(Kind.parse(key.kind()), key.id(), document, Set.of(), from)));
        List<String> notes = new ArrayList<>();
        notes.add(
                contents.same() + " things in it are the same as here. The whole of it can be put back under Backups.");
        if (contents.differing() > contents.items().size())
            notes.add("Only the first " + contents.items().size() + " of " + contents.differing()
                    + " that differ are shown.");
        return new IntakeView(name, "a whole studio", things, problems, notes);
    }

    private Map<DocumentKey, ObjectNode> documents(String backup, Set<DocumentKey> wanted) {
        Map<DocumentKey, ObjectNode> documents = new LinkedHashMap<>();
        backups.documents(backup, stored -> {
            DocumentKey key = new DocumentKey(stored.kind(), stored.id());
            if (wanted.contains(key)) document(stored).ifPresent(document -> documents.put(key, document));
        });
        return documents;
    }

    /** As this version reads it; empty for what it does not know. */
    private Optional<ObjectNode> document(Stored stored) {
        return Formats.of(stored.kind()).map(format -> salvaged(format, stored.text()));
    }

    private static <T> ObjectNode salvaged(fluidframe.library.text.Format<T> format, String text) {
        return format.toJson(format.salvage(text).value());
    }

    IntakeView.Receipt take(IntakeView.Choice choice) {
        List<Taking.Wanted> wanted = new ArrayList<>();
        Set<Ref> taken = new HashSet<>();
        Map<String, Map<DocumentKey, ObjectNode>> backed = backed(choice);
        for (Chosen one : choice.things()) {
            JsonNode document = one.backup() == null
                    ? one.document()
                    : backed.get(one.backup()).get(new DocumentKey(one.kind(), one.id()));
            if (document == null) {
                throw new IllegalArgumentException("There is no " + one.kind() + " \"" + one.id() + "\" in "
                        + (one.backup() == null ? choice.file() : one.backup()));
            }
            Taking.Wanted next = wanted(one, document);
            if (!taken.add(new Ref(next.kind(), next.id()))) {
                throw new IllegalArgumentException(
                        "The " + next.kind() + " \"" + next.id() + "\" was chosen twice: leave one out");
            }
            wanted.add(next);
        }
        return new IntakeView.Receipt(taking.put(wanted, "before " + choice.file() + " was taken in"));
    }

    /** What is chosen of each backup, of which each is gone through once. */
    private Map<String, Map<DocumentKey, ObjectNode>> backed(IntakeView.Choice choice) {
        Map<String, Set<DocumentKey>> wanted = choice.things().stream()
                .filter(one -> one.backup() != null)
                .collect(Collectors.groupingBy(
                        Chosen::backup,
                        Collectors.mapping(one -> new DocumentKey(one.kind(), one.id()), Collectors.toSet())));
        Map<String, Map<DocumentKey, ObjectNode>> backed = new HashMap<>();
        wanted.forEach((backup, keys) -> backed.put(backup, documents(backup, keys)));
        return backed;
    }

    private Taking.Wanted wanted(Chosen one, JsonNode document) {
        Kind kind = Kind.parse(one.kind());
        if (one.how() == How.take) return new Taking.Wanted(kind, one.id(), document);
        String id = free(kind, one.id());
        return new Taking.Wanted(kind, id, renamed(document, kind, id));
    }

    private String free(Kind kind, String id) {
        String stem = id.substring(0, Math.min(id.length(), LONGEST_ID - 4));
        for (int i = 2; i < 100; i++) {
            Ref next = new Ref(kind, stem + "-" + i);
            if (!isHere(next)) return next.id();
        }
        return newId();
    }

    /** Under a name of its own beside what is here, so that the two can be told apart. */
    private JsonNode renamed(JsonNode document, Kind kind, String id) {
        if (!(document instanceof ObjectNode)) return document;
        ObjectNode renamed = document.deepCopy();
        if (kind == Kind.FIGURE) renamed.put("id", id);
        String name = renamed.path("name").asText("");
        if (!name.isEmpty()) {
            String tail = " (" + (id.matches(".*-\\d+") ? id.replaceFirst(".*-", "") : "taken in") + ")";
            renamed.put("name", name.substring(0, Math.min(name.length(), LONGEST_NAME - tail.length())) + tail);
        }
        return renamed;
    }

    void undo(IntakeView.Receipt receipt) {
        taking.takeBack(receipt.taken());
    }
}
