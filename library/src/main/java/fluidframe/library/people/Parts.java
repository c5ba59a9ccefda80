package fluidframe.library.people;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.couple.Role;
import fluidframe.core.people.Couple;
import fluidframe.library.text.Cells;
import java.util.List;
import java.util.function.Function;

/** What couples and groups have in common. */
final class Parts {
    private Parts() {}

    static void roles(ObjectNode root, List<Role> roles) {
        ArrayNode array = root.putArray("roles");
        roles.forEach(role -> array.add(role.toString()));
    }

    static Couple.Work work(JsonNode root, Cells cells) {
        return new Couple.Work(
                cells.list(root, "", "routines", Function.identity()),
                cells.list(root, "", "figures", Function.identity()),
                cells.list(root, "", "events", Function.identity()));
    }

    static void write(ObjectNode root, Couple.Work work) {
        ids(root, "routines", work.routines());
        ids(root, "figures", work.figures());
        ids(root, "events", work.events());
    }

    static void ids(ObjectNode root, String key, List<String> ids) {
        ArrayNode array = root.putArray(key);
        ids.forEach(array::add);
    }
}
