package fluidframe.library.exercise;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.CouplePosition;
import fluidframe.core.couple.Hold;
import fluidframe.core.exercise.SetUp;
import fluidframe.library.text.Cells;
import fluidframe.library.text.Format;
import java.util.function.Function;

/** Set-up cards in the open format {@code fluidframe/card@1}. */
public final class CardFormat extends Format<SetUp> {
    public static final CardFormat CARD = new CardFormat();

    private CardFormat() {
        super("card");
    }

    @Override
    protected SetUp contents(JsonNode root, Cells cells) {
        return new SetUp(
                root.path("name").asText().strip(),
                cells.list(root, "", "dances", Dance::parse),
                root.path("hold").asText(),
                cells.list(root, "", "positions", CouplePosition::parse),
                cells.list(root, "", "holds", Hold::parse),
                cells.objects(
                        root,
                        "",
                        "points",
                        (point, path) -> cells.build(
                                path,
                                () -> new SetUp.Point(
                                        point.path("about").asText(),
                                        point.path("text").asText()))),
                root.path("side").asText(""),
                root.path("behind").asText(""),
                cells.list(root, "", "cautions", Function.identity()));
    }

    @Override
    public ObjectNode toJson(SetUp card) {
        ObjectNode root = begun().put("name", card.name());
        Parts.texts(root, "dances", card.dances());
        root.put("hold", card.hold());
        if (!card.positions().isEmpty()) Parts.texts(root, "positions", card.positions());
        if (!card.holds().isEmpty()) Parts.texts(root, "holds", card.holds());
        ArrayNode points = root.putArray("points");
        card.points()
                .forEach(point -> points.addObject().put("about", point.about()).put("text", point.text()));
        if (!card.side().isBlank()) root.put("side", card.side());
        if (!card.behind().isBlank()) root.put("behind", card.behind());
        Parts.texts(root, "cautions", card.cautions());
        return root;
    }

    @Override
    protected ObjectNode blank() {
        ObjectNode blank = begun().put("name", "Unnamed").put("hold", "unknown");
        blank.putArray("points");
        blank.putArray("cautions").add("Pain is a signal to stop.");
        return blank;
    }
}
