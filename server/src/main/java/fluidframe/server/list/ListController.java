package fluidframe.server.list;

import fluidframe.core.routine.FreeElement;
import fluidframe.library.Coverage;
import fluidframe.library.FigureList;
import fluidframe.library.FigureLists;
import fluidframe.library.FreeElements;
import fluidframe.server.figure.FigureShelf;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Lists of levels, coverage and free elements over HTTP. */
@RestController
@RequestMapping("/api")
class ListController {
    /** A new list: the name, and which list it begins as. */
    record ListCopy(
            @NotBlank @Size(max = 80) String name, @NotBlank String from) {}

    /** A save and the version it was begun from. */
    record ListSave(
            @Min(0) long expectedVersion,
            @NotBlank @Size(max = 80) String name,
            @NotNull @Size(max = 500) String note,

            @NotNull @Size(min = 1, max = FigureList.MOST_LEVELS)
            List<@Valid @NotNull LevelSave> levels) {
        FigureList toList() {
            return new FigureList(
                    name,
                    note,
                    levels.stream()
                            .map(level -> new FigureList.Level(level.name(), level.figures()))
                            .toList());
        }
    }

    record LevelSave(
            @NotBlank @Size(max = 40) String name,
            @NotNull @Size(max = 2000) List<@NotBlank String> figures) {}

    private final ListService lists;
    private final FigureShelf shelf;

    ListController(ListService lists, FigureShelf shelf) {
        this.lists = lists;
        this.shelf = shelf;
    }

    @GetMapping("/lists")
    List<ListView.ListSummary> all() {
        return lists.all();
    }

    @GetMapping("/lists/{id}")
    ListView get(@PathVariable String id) {
        return lists.get(id);
    }

    @PostMapping("/lists")
    @ResponseStatus(HttpStatus.CREATED)
    ListView copy(@Valid @RequestBody ListCopy copy) {
        return lists.copy(copy.from(), copy.name());
    }

    /** Takes YAML only: plain text could be posted here by any page in the browser without asking. */
    @PostMapping(value = "/lists/file", consumes = "application/yaml")
    @ResponseStatus(HttpStatus.CREATED)
    ListView add(@RequestBody String text) {
        return lists.add(text);
    }

    @PutMapping("/lists/{id}")
    ListView save(@PathVariable String id, @Valid @RequestBody ListSave save) {
        return lists.save(id, save.expectedVersion(), save.toList());
    }

    @DeleteMapping("/lists/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id) {
        lists.delete(id);
    }

    @GetMapping(value = "/lists/{id}/file", produces = "application/yaml")
    ResponseEntity<String> file(@PathVariable String id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"list.yaml\"")
                .body(FigureLists.toYaml(lists.list(id)));
    }

    /** How much of a list is charted, and how sure the charts are. */
    @GetMapping("/lists/{id}/coverage")
    List<CoverageView> coverage(@PathVariable String id) {
        return Coverage.of(lists.list(id), shelf.repertoire()).stream()
                .map(CoverageView::of)
                .toList();
    }

    @GetMapping("/elements")
    List<FreeElement> elements() {
        return FreeElements.load();
    }
}
