package fluidframe.library.people;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.couple.Role;
import fluidframe.core.people.Group;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;

/** Groups in the open format {@code fluidframe/group@1}. */
public final class GroupFormat extends Format<Group> {
    public static final GroupFormat GROUP = new GroupFormat();

    private GroupFormat() {
        super("group");
    }

    @Override
    protected Group contents(JsonNode root, Cells cells) {
        return new Group(
                root.path("name").asText().strip(),
                cells.objects(
                        root,
                        "",
                        "members",
                        (member, path) -> cells.build(
                                path,
                                () -> new Group.Member(
                                        member.path("dancer").asText(),
                                        cells.list(member, path, "roles", Role::parse)))),
                Parts.work(root, cells),
                root.path("note").asText(""));
    }

    @Override
    public ObjectNode toJson(Group group) {
        ObjectNode root = begun().put("name", group.name());
        ArrayNode members = root.putArray("members");
        for (Group.Member member : group.members()) {
            Parts.roles(members.addObject().put("dancer", member.dancer()), member.roles());
        }
        Parts.write(root, group.work());
        if (!group.note().isBlank()) root.put("note", group.note());
        return root;
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun().put("name", "Unnamed");
        blank.putArray("members");
        return blank;
    }
}
