package fluidframe.server.people;

import fluidframe.core.people.Group;
import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Document;
import fluidframe.server.store.DocumentController;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Page;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Groups over HTTP. */
@RestController
@OpenTo
@RequestMapping("/api/groups")
class GroupController extends DocumentController<Group, PeopleView.GroupView> {
    private final Documents<Group, PeopleView.GroupSummary> groups;

    GroupController(Documents<Group, PeopleView.GroupSummary> groups) {
        super(groups);
        this.groups = groups;
    }

    @GetMapping
    Page<PeopleView.GroupSummary> list(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "") String after,
            @RequestParam(defaultValue = "100") int limit) {
        return groups.page(new Page.Request("", q, after, limit));
    }

    @Override
    protected PeopleView.GroupView view(Document<Group> kept) {
        return new PeopleView.GroupView(kept.id(), kept.version(), kept.savedAt(), kept.problems(), json(kept.value()));
    }
}
