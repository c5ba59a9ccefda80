package fluidframe.server.handout;

import fluidframe.core.couple.Role;
import fluidframe.core.floor.FloorPlan;
import fluidframe.core.floor.Footfall;
import fluidframe.core.floor.Point;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Weight;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The feet of a figure as a drawing for paper: the line of dance to the right, the wall below, in metres. */
final class FeetPicture {
    private static final double MARGIN = 0.34;
    private static final double LEAST = 1.6;
    private static final double RATIO = 1.75;
    private static final double[] RADII = {0.15, 0.19, 0.24, 0.3, 0.38, 0.5};
    private static final double CLOSE = 0.2;
    private static final double SOLE = 0.11;
    private static final int TURNS = 16;
    private static final double NEAR = 0.1;

    /** A number that stands already. */
    private record Label(Point at, double width) {}

    private final List<Label> labels = new ArrayList<>();
    private final FloorPlan floor;
    private final boolean moving;
    private final Optional<Role> only;
    private final StringBuilder svg = new StringBuilder();

    private FeetPicture(FloorPlan floor, boolean moving, Optional<Role> only) {
        this.floor = floor;
        this.moving = moving;
        this.only = only;
    }

    /** @param only whose feet; empty for both */
    static String of(FloorPlan floor, boolean moving, Optional<Role> only) {
        return new FeetPicture(floor, moving, only).draw();
    }

    private String draw() {
        List<Point> points = Stream.concat(
                        floor.footfalls().stream().map(Footfall::place), Stream.of(floor.startMan(), floor.startLady()))
                .toList();
        double left = points.stream().mapToDouble(Point::x).min().orElse(0) - MARGIN;
        double right = points.stream().mapToDouble(Point::x).max().orElse(0) + MARGIN;
        double top = points.stream().mapToDouble(Point::y).min().orElse(0) - MARGIN;
        double bottom = points.stream().mapToDouble(Point::y).max().orElse(0) + MARGIN;
        double width = Math.max(Math.max(right - left, LEAST), (bottom - top) * RATIO);
        double height = width / RATIO;
        double x = (left + right - width) / 2;
        double y = (top + bottom - height) / 2;
        // A drawing without a size of its own is as large as the place it is in.
        svg.append(format(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%.3f %.3f %.3f %.3f\" width=\"680\" height=\"%d\">",
                x, y, width, height, Math.round(680 / RATIO)));
        svg.append(format(
                "<rect x=\"%.3f\" y=\"%.3f\" width=\"%.3f\" height=\"%.3f\" fill=\"#f6f0e0\"/>", x, y, width, height));
        for (Role role : Role.values()) if (isShown(role)) track(role);
        floor.footfalls().stream().filter(fall -> isShown(fall.role())).forEach(this::foot);
        double letters = Math.min(0.1, width / 32);
        for (Role role : Role.values()) if (isShown(role)) numbers(role, letters);
        marks(x, y, width, height);
        return svg.append("</svg>").toString();
    }

    private boolean isShown(Role role) {
        return only.isEmpty() || only.get() == role;
    }

    private static String colour(Role role) {
        return role == Role.MAN ? "#14595a" : "#94400f";
    }

    private void track(Role role) {
        StringBuilder path = new StringBuilder();
        Point start = role == Role.MAN ? floor.startMan() : floor.startLady();
        path.append(format("M%.3f %.3f", start.x(), start.y()));
        for (Footfall fall : floor.footfalls())
            if (fall.role() == role)
                path.append(
                        format("L%.3f %.3f", fall.centre().x(), fall.centre().y()));
        svg.append(format(
                "<path d=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\".012\" stroke-dasharray=\"%s\"/>",
                path, colour(role), role == Role.MAN ? ".05 .03" : ".015 .03"));
    }

    private void foot(Footfall fall) {
        boolean free = fall.weight() == Weight.NONE;
        svg.append(format(
                "<path d=\"%s\" transform=\"translate(%.3f %.3f) rotate(%.2f)\" fill=\"%s\" stroke=\"%s\" stroke-width=\".01\"%s/>",
                sole(fall.role(), fall.foot()),
                fall.place().x(),
                fall.place().y(),
                fall.direction() * 22.5,
                free ? "none" : colour(fall.role()),
                colour(fall.role()),
                free ? " stroke-dasharray=\".03 .02\"" : ""));
    }

    /** The outline of a sole in metres, toes to the right, as on the screen. */
    private static String sole(Role role, Foot foot) {
        int s = foot == Foot.LEFT ? -1 : 1;
        return role == Role.MAN
                ? format(
                        "M.15 %.3fC.15 %.3f .09 %.3f .04 %.3fC0 %.3f -.02 %.3f -.06 %.3fC-.11 %.3f -.14 %.3f -.14 0"
                                + "C-.14 %.3f -.11 %.3f -.06 %.3fC-.01 %.3f .02 %.3f .08 %.3fC.13 %.3f .15 %.3f .15 %.3fZ",
                        -.01 * s, .035 * s, .058 * s, .05 * s, .042 * s, .034 * s, .038 * s, .043 * s, .03 * s,
                        -.03 * s, -.04 * s, -.034 * s, -.028 * s, -.05 * s, -.05 * s, -.05 * s, -.03 * s, -.01 * s)
                : format(
                        "M.14 %.3fC.12 %.3f .08 %.3f .04 %.3fC.01 %.3f -.01 %.3f -.035 %.3fC-.04 0 -.04 %.3f -.03 %.3f"
                                + "C0 %.3f .03 %.3f .07 %.3fC.11 %.3f .13 %.3f .14 %.3fZM-.075 -.019A.019 .019 0 1 0 -.075"
                                + " .019A.019 .019 0 1 0 -.075 -.019Z",
                        -.012 * s, .03 * s, .044 * s, .036 * s, .03 * s, .014 * s, .01 * s, -.008 * s, -.014 * s,
                        -.022 * s, -.042 * s, -.042 * s, -.042 * s, -.026 * s, -.012 * s);
    }

    /** One number for steps on the same spot, where the least stands under it. */
    private void numbers(Role role, double letters) {
        List<Footfall> done = new ArrayList<>();
        for (Footfall fall : floor.footfalls()) {
            if (fall.role() != role || done.contains(fall)) continue;
            List<Footfall> here = floor.footfalls().stream()
                    .filter(other -> other.role() == role && distance(other.place(), fall.place()) < NEAR)
                    .filter(other -> !done.contains(other))
                    .toList();
            done.addAll(here);
            String text = here.size() > 3
                    ? here.get(0).number() + "…" + here.get(here.size() - 1).number()
                    : String.join(
                            " ",
                            here.stream()
                                    .map(one -> String.valueOf(one.number()))
                                    .toList());
            number(fall, text, letters);
        }
    }

    private void number(Footfall fall, String text, double letters) {
        double outward = (fall.direction() + (fall.foot() == Foot.LEFT ? -4 : 4)) * Math.PI / 8;
        Point best = fall.place();
        double least = Double.MAX_VALUE;
        for (double radius : RADII) {
            for (int turn = 0; turn < TURNS; turn++) {
                double angle = outward + turn * 2 * Math.PI / TURNS;
                Point at = new Point(
                        fall.place().x() + radius * Math.cos(angle),
                        fall.place().y() + radius * Math.sin(angle));
                double cost = crowding(at, letters * (0.6 * text.length() + 0.4), letters)
                        + radius
                        + 0.05 * Math.min(turn, TURNS - turn);
                if (cost < least) {
                    least = cost;
                    best = at;
                }
            }
        }
        labels.add(new Label(best, letters * (0.6 * text.length() + 0.4)));
        double far = distance(best, fall.place());
        if (far > CLOSE) {
            // Up to the number, not through it.
            double share = 1 - 0.75 * letters / far;
            svg.append(format(
                    "<path d=\"M%.3f %.3fL%.3f %.3f\" stroke=\"%s\" stroke-width=\".006\"/>",
                    fall.place().x(),
                    fall.place().y(),
                    fall.place().x() + share * (best.x() - fall.place().x()),
                    fall.place().y() + share * (best.y() - fall.place().y()),
                    colour(fall.role())));
        }
        svg.append(format(
                "<text x=\"%.3f\" y=\"%.3f\" font-size=\"%.3f\" font-family=\"Commissioner\" text-anchor=\"middle\" fill=\"%s\">%s</text>",
                best.x(), best.y() + letters / 3, letters, colour(fall.role()), text));
    }

    /** How much of a number would stand on feet and on other numbers. */
    private double crowding(Point at, double width, double height) {
        double cost = 0;
        for (Label label : labels) {
            double overX =
                    (width + label.width()) / 2 - Math.abs(at.x() - label.at().x());
            double overY = height - Math.abs(at.y() - label.at().y());
            if (overX > 0 && overY > 0) cost += 3;
        }
        for (Footfall fall : floor.footfalls()) {
            if (!isShown(fall.role())) continue;
            double over = SOLE + width / 2 - distance(at, fall.place());
            if (over > 0) cost += 4 * over;
        }
        return cost;
    }

    private static double distance(Point one, Point other) {
        return Math.hypot(one.x() - other.x(), one.y() - other.y());
    }

    private void marks(double x, double y, double width, double height) {
        double size = width / 42;
        String wall = "#6e5c39";
        if (moving) {
            double at = y + size * 1.6;
            svg.append(format(
                    "<path d=\"M%.3f %.3fh%.3fm-%.3f -%.3fl%.3f %.3fl-%.3f %.3f\" fill=\"none\" stroke=\"%s\" stroke-width=\"%.4f\"/>",
                    x + size, at, size * 4, size * .7, size * .4, size * .7, size * .4, size * .7, size * .4, wall,
                    size / 8));
            svg.append(text(x + size * 5.4, at + size / 3, size, "line of dance"));
        }
        svg.append(text(x + width - size * 4, y + size * 1.6, size, "centre"));
        svg.append(text(x + width - size * 3.2, y + height - size, size, "wall"));
        svg.append(format(
                "<path d=\"M%.3f %.3fv%.3fh1v-%.3f\" fill=\"none\" stroke=\"%s\" stroke-width=\"%.4f\"/>",
                x + size, y + height - size * 1.4, size * .4, size * .4, wall, size / 9));
        svg.append(text(x + size * 1.5 + 1, y + height - size, size, "1 m"));
    }

    private static String text(double x, double y, double size, String words) {
        return format(
                "<text x=\"%.3f\" y=\"%.3f\" font-size=\"%.3f\" font-family=\"Commissioner\" fill=\"#6e5c39\">%s</text>",
                x, y, size, words);
    }

    private static String format(String pattern, Object... values) {
        return String.format(Locale.ROOT, pattern, values);
    }
}
