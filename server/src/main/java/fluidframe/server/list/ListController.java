package fluidframe.server.list;

import fluidframe.core.list.FigureList;
import fluidframe.core.routine.FreeElement;
import fluidframe.library.list.Coverage;
import fluidframe.library.list.ListFormat;
import fluidframe.library.shipped.FreeElements;
import fluidframe.server.access.OpenTo;
import fluidframe.server.repertoire.FigureShelf;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.DocumentSave;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Lists of levels and coverage over HTTP. The list that ships stands among the others and cannot be changed. */
@RestController
@OpenTo
@RequestMapping("/api/lists")
class ListController extends DocumentController<FigureList, ListView> {
    /** A new list: the name, and which list it begins as. */
    record ListCopy(
            @NotBlank @Size(max = 80) String name, @NotBlank String from) {}

    private final Documents<FigureList, ListView.ListSummary> own;
    private final Lists lists;
    private final FigureShelf shelf;

    ListController(Documents<FigureList, ListView.ListSummary> own, Lists lists, FigureShelf shelf) {
        super(own);
        this.own = own;
        this.lists = lists;
        this.shelf = shelf;
    }

    /** The one that ships comes first. */
    @GetMapping
    Page<ListView.ListSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        Page<ListView.ListSummary> page = own.page(new Page.Request("", q, after, limit));
        if (!after.isEmpty() || !q.isEmpty()) return page;
        List<Page.Line<ListView.ListSummary>> lines = new ArrayList<>();
        lines.add(new Page.Line<>(Lists.STARTER, 0, Instant.EPOCH, ListView.ListSummary.of(lists.starter())));
        lines.addAll(page.lines());
        return new Page<>(lines, page.total() + 1, page.next());
    }

    @Override
    public ListView get(@PathVariable String id) {
        return id.equals(Lists.STARTER) ? starter() : super.get(id);
    }

    /** A copy of a list under another name, to be changed freely. */
    @PostMapping("/copies")
    @ResponseStatus(HttpStatus.CREATED)
    ListView copy(@Valid @RequestBody ListCopy copy) {
        FigureList list = lists.list(copy.from()).copied(copy.name());
        lists.refuseTaken(list.name());
        return view(own.create(list));
    }

    @Override
    public ListView save(@PathVariable String id, @Valid @RequestBody DocumentSave save) {
        Lists.refuseStarter(id);
        return super.save(id, save);
    }

    @Override
    public void delete(@PathVariable String id) {
        Lists.refuseStarter(id);
        super.delete(id);
    }

    @Override
    public ResponseEntity<String> file(@PathVariable String id) {
        if (!id.equals(Lists.STARTER)) return super.file(id);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"list.yaml\"")
                .body(ListFormat.LIST.file(id, lists.starter()));
    }

    @Override
    protected void refuse(FigureList list, String id) {
        lists.refuseTaken(list.name());
    }

    /** How much of a list is charted, and how sure the charts are. */
    @GetMapping("/{id}/coverage")
    List<CoverageView> coverage(@PathVariable String id) {
        return Coverage.of(lists.list(id), shelf.repertoire()).stream()
                .map(CoverageView::of)
                .toList();
    }

    private ListView starter() {
        return new ListView(Lists.STARTER, 0, Instant.EPOCH, List.of(), json(lists.starter()), true);
    }

    @Override
    protected ListView view(Document<FigureList> kept) {
        return new ListView(kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()), false);
    }

    /** Free elements for showcase work. */
    @RestController
    @OpenTo
    static class Elements {
        @GetMapping("/api/elements")
        List<FreeElement> elements() {
            return FreeElements.load();
        }
    }
}
