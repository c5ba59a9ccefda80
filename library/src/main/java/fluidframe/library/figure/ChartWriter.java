package fluidframe.library.figure;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.core.chart.Acceptance;
import fluidframe.core.chart.Chart;
import fluidframe.core.chart.Column;
import fluidframe.core.chart.Detail;
import fluidframe.core.chart.Finish;
import fluidframe.core.chart.Option;
import fluidframe.core.chart.Part;
import fluidframe.core.chart.Preparation;
import fluidframe.core.chart.RepeatGroup;
import fluidframe.core.chart.Start;
import fluidframe.core.chart.Step;
import fluidframe.core.chart.Teaching;
import fluidframe.core.chart.Timing;
import fluidframe.core.chart.Variant;
import fluidframe.core.count.Dance;
import fluidframe.core.couple.Role;
import fluidframe.core.direction.TurnText;
import fluidframe.library.text.YamlText;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;

/** Writes charts in the open format, every cell in its canonical short form; what is usual is left out. */
public final class ChartWriter {
    /** The name and version of the format, the first line of every file. */
    public static final String FORMAT = "fluidframe/figure@1";

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private ChartWriter() {}

    /** One row on one line. */
    public static String toYaml(Chart chart) {
        return YamlText.print(toJson(chart));
    }

    /** The same document as a tree. */
    public static ObjectNode toJson(Chart chart) {
        ObjectNode root = NODES.objectNode();
        root.put("format", FORMAT);
        root.put("id", chart.id());
        root.put("dance", chart.dance().toString());
        root.put("name", chart.identity().name());
        words(root, "otherNames", chart.identity().otherNames());
        if (!chart.identity().levels().isEmpty()) {
            ObjectNode levels = root.putObject("level");
            chart.identity()
                    .levels()
                    .forEach((style, level) -> levels.put(style, level.name().toLowerCase(Locale.ROOT)));
        }
        if (!chart.identity().summary().isEmpty())
            root.put("summary", chart.identity().summary());
        if (!chart.identity().madeFrom().isEmpty())
            root.put("madeFrom", chart.identity().madeFrom());
        start(root, chart.start());
        rows(root, "man", chart.man(), chart.dance());
        rows(root, "lady", chart.lady(), chart.dance());
        total(root, chart);
        finish(root, chart.finish());
        if (!chart.timings().isEmpty()) {
            ArrayNode timings = root.putArray("timings");
            chart.timings().forEach(timing -> timing(timings.addObject(), timing));
        }
        if (!chart.options().isEmpty()) {
            ArrayNode options = root.putArray("options");
            chart.options().forEach(option -> option(options.addObject(), option));
        }
        repeats(root, chart.repeats());
        if (!chart.parts().isEmpty()) {
            ArrayNode parts = root.putArray("parts");
            chart.parts().forEach(part -> part(parts.addObject(), part));
        }
        if (!chart.variants().isEmpty()) {
            ArrayNode variants = root.putArray("variants");
            chart.variants().forEach(variant -> variant(variants.addObject(), variant, chart.dance()));
        }
        teaching(root, chart.teaching());
        if (!chart.accepted().isEmpty()) {
            ArrayNode accepted = root.putArray("accepted");
            chart.accepted().forEach(acceptance -> accepted(accepted.addObject(), acceptance));
        }
        return root;
    }

    /** One row as the format writes it. */
    public static ObjectNode toJson(Step step, Dance dance) {
        ObjectNode row = NODES.objectNode();
        row(row, step, dance);
        return row;
    }

    /** Rows as the format writes them. */
    public static ArrayNode toJson(List<Step> steps, Dance dance) {
        ArrayNode rows = NODES.arrayNode();
        steps.forEach(step -> row(rows.addObject(), step, dance));
        return rows;
    }

    private static void words(ObjectNode object, String key, List<?> values) {
        if (values.isEmpty()) return;
        ArrayNode array = object.putArray(key);
        values.forEach(value -> array.add(value.toString()));
    }

    private static void start(ObjectNode root, Start start) {
        ObjectNode node = root.putObject("start");
        node.put("position", start.position().toString());
        node.put("hold", start.hold().toString());
        words(node, "entries", start.entries());
        if (start.outsideAllowed()) node.put("outside", true);
        if (start.fromCheck()) node.put("fromCheck", true);
        ObjectNode prepare = NODES.objectNode();
        for (Role role : Role.values()) {
            Preparation preparation = start.preparation(role);
            if (!preparation.isNone()) preparation(prepare.putObject(role.toString()), preparation);
        }
        if (!prepare.isEmpty()) node.set("prepare", prepare);
    }

    private static void preparation(ObjectNode node, Preparation preparation) {
        if (!preparation.hip().isNone()) node.put("hip", preparation.hip().toString());
        if (!preparation.body().isNone()) node.put("body", preparation.body().toString());
        if (!preparation.head().isNone()) node.put("head", preparation.head().toString());
        if (!preparation.note().isEmpty()) node.put("note", preparation.note());
    }

    private static void rows(ObjectNode object, String key, List<Step> steps, Dance dance) {
        ArrayNode rows = object.putArray(key);
        steps.forEach(step -> row(rows.addObject(), step, dance));
    }

    private static void row(ObjectNode row, Step step, Dance dance) {
        for (Column column : Column.values()) {
            String text = column.of(step, dance);
            if (!text.isEmpty()) row.put(column.key(), text);
        }
        if (step.doubtful()) row.put("doubtful", true);
    }

    private static void total(ObjectNode root, Chart chart) {
        ObjectNode total = NODES.objectNode();
        for (Role role : Role.values()) {
            OptionalInt turned = chart.totals().of(role);
            if (turned.isPresent()) {
                total.put(role.toString(), turned.getAsInt() == 0 ? "none" : TurnText.amount(turned.getAsInt()));
            }
        }
        if (!total.isEmpty()) root.set("total", total);
    }

    private static void finish(ObjectNode object, Finish finish) {
        if (finish.equals(Finish.AS_CHARTED)) return;
        ObjectNode node = object.putObject("finish");
        if (finish.nextOutside()) node.put("outside", true);
        if (finish.lessSixteenths() > 0) node.put("less", TurnText.fraction(finish.lessSixteenths()));
        if (finish.moreSixteenths() > 0) node.put("more", TurnText.fraction(finish.moreSixteenths()));
    }

    private static void timing(ObjectNode node, Timing timing) {
        node.put("id", timing.id());
        node.put("man", timing.man().toString());
        node.put("lady", timing.lady().toString());
    }

    private static void option(ObjectNode node, Option option) {
        node.put("id", option.id());
        node.put("name", option.name());
        node.put("says", option.says());
        if (!option.choice().isEmpty()) node.put("choice", option.choice());
        ArrayNode edits = node.putArray("edits");
        option.edits()
                .forEach(edit -> edits.addObject()
                        .put("role", edit.role().toString())
                        .put("step", edit.step())
                        .put("key", edit.column().key())
                        .put("text", edit.text()));
    }

    private static void repeats(ObjectNode object, List<RepeatGroup> groups) {
        if (groups.isEmpty()) return;
        ArrayNode repeats = object.putArray("repeats");
        groups.forEach(group -> repeat(repeats.addObject(), group));
    }

    private static void repeat(ObjectNode node, RepeatGroup group) {
        node.put("steps", group.from() + "-" + group.to());
        node.put("least", group.least());
        node.put("most", group.most());
        if (group.mirrored()) node.put("mirrored", true);
    }

    private static void part(ObjectNode node, Part part) {
        node.put("steps", part.id());
        words(node, "entries", part.entries());
        finish(node, part.finish());
    }

    /** A variant as it stands in a chart. */
    public static ObjectNode toJson(Variant variant, Dance dance) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        variant(node, variant, dance);
        return node;
    }

    private static void variant(ObjectNode node, Variant variant, Dance dance) {
        node.put("id", variant.id());
        node.put("name", variant.name());
        node.put("keep", variant.keep());
        words(node, "entries", variant.entries());
        repeats(node, variant.repeats());
        finish(node, variant.finish());
        rows(node, "man", variant.man(), dance);
        rows(node, "lady", variant.lady(), dance);
    }

    private static void teaching(ObjectNode root, Teaching teaching) {
        if (!teaching.faults().isEmpty()) {
            ArrayNode faults = root.putArray("faults");
            for (Teaching.Fault fault : teaching.faults()) {
                ObjectNode node = faults.addObject()
                        .put("seen", fault.seen())
                        .put("cause", fault.cause())
                        .put("cue", fault.cue());
                if (fault.detail() != Detail.FIRST_LESSON)
                    node.put("detail", fault.detail().toString());
            }
        }
        words(root, "cautions", teaching.cautions());
        words(root, "precedes", teaching.precedes());
        words(root, "follows", teaching.follows());
    }

    private static void accepted(ObjectNode node, Acceptance acceptance) {
        node.put("rule", acceptance.rule());
        acceptance.role().ifPresent(role -> node.put("role", role.toString()));
        if (acceptance.step() > 0) node.put("step", acceptance.step());
        node.put("reason", acceptance.reason());
    }
}
