package fluidframe.library.people;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.people.Couple;
import fluidframe.core.people.Goal;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** Couples in the open format {@code fluidframe/couple@1}. */
public final class CoupleFormat extends Format<Couple> {
    public static final CoupleFormat COUPLE = new CoupleFormat();

    private CoupleFormat() {
        super("couple");
    }

    @Override
    protected Couple contents(JsonNode root, Cells cells) {
        return new Couple(
                root.path("name").asText().strip(),
                cells.list(root, "", "dancers", Function.identity()),
                cells.read(root, "", "role", Role::parse, Role.MAN),
                Set.copyOf(cells.list(root, "", "exchanged", Dance::parse)),
                Parts.work(root, cells),
                cells.objects(root, "", "goals", (goal, path) -> cells.build(path, () -> goal(goal))),
                root.path("note").asText(""));
    }

    private static Goal goal(JsonNode goal) {
        return new Goal(
                goal.path("text").asText().strip(),
                Optional.ofNullable(goal.get("by")).map(JsonNode::asText).map(Cells::date),
                goal.path("reached").asBoolean(false));
    }

    @Override
    public ObjectNode toJson(Couple couple) {
        ObjectNode root = begun().put("name", couple.name());
        Parts.ids(root, "dancers", couple.dancers());
        root.put("role", couple.role().toString());
        ArrayNode exchanged = root.putArray("exchanged");
        couple.exchanged().stream().sorted().forEach(dance -> exchanged.add(dance.toString()));
        Parts.write(root, couple.work());
        ArrayNode goals = root.putArray("goals");
        for (Goal goal : couple.goals()) {
            ObjectNode written = goals.addObject().put("text", goal.text());
            goal.by().ifPresent(day -> written.put("by", day.toString()));
            written.put("reached", goal.reached());
        }
        if (!couple.note().isBlank()) root.put("note", couple.note());
        return root;
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun().put("name", "Unnamed").put("role", "man");
        blank.putArray("dancers").add("unknown");
        return blank;
    }
}
