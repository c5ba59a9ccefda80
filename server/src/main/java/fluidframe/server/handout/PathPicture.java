package fluidframe.server.handout;

import fluidframe.core.floor.Point;
import fluidframe.core.routine.Circuit;
import fluidframe.core.routine.FloorPath;
import fluidframe.core.routine.Hall;
import fluidframe.core.routine.RoutineWork;
import java.util.List;
import java.util.Locale;

/** The way of a couple over its floor as a drawing for paper, once through the routine. */
final class PathPicture {
    private PathPicture() {}

    static String of(Hall hall, Circuit circuit, RoutineWork work) {
        double margin = 1;
        double left = -margin;
        double top = -margin;
        double width = hall.lengthMetres() + 2 * margin;
        double height = hall.widthMetres() + 2 * margin;
        for (FloorPath.Stop stop : circuit.path().stops()) {
            Point at = stop.middle();
            double x = Math.min(left, at.x() - margin);
            double y = Math.min(top, at.y() - margin);
            width = Math.max(width + left - x, at.x() + margin - x);
            height = Math.max(height + top - y, at.y() + margin - y);
            left = x;
            top = y;
        }
        StringBuilder svg = new StringBuilder(format(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%.2f %.2f %.2f %.2f\" width=\"680\" height=\"%d\">",
                left, top, width, height, Math.round(680 * height / width)));
        svg.append(format(
                "<rect x=\"0\" y=\"0\" width=\"%.2f\" height=\"%.2f\" fill=\"#f6f0e0\" stroke=\"#6e5c39\" stroke-width=\".08\"/>",
                hall.lengthMetres(), hall.widthMetres()));
        int blocks = work.blocks().size();
        StringBuilder path = new StringBuilder();
        StringBuilder marks = new StringBuilder();
        int last = -1;
        List<FloorPath.Stop> stops = circuit.path().stops();
        for (FloorPath.Stop stop : stops) {
            // Of a routine that is danced more than once for a circuit the first time is drawn.
            if (stop.block() >= blocks || stop.block() < last) break;
            Point at = stop.middle();
            path.append(format("%s%.2f %.2f", path.length() == 0 ? "M" : "L", at.x(), at.y()));
            if (stop.block() != last) {
                last = stop.block();
                marks.append(mark(at, last + 1, work.takesCorner(last)));
            }
        }
        svg.append(format("<path d=\"%s\" fill=\"none\" stroke=\"#6d2a5d\" stroke-width=\".1\"/>", path));
        return svg.append(marks).append("</svg>").toString();
    }

    private static String mark(Point at, int number, boolean corner) {
        String ring = corner
                ? format(
                        "<circle cx=\"%.2f\" cy=\"%.2f\" r=\".5\" fill=\"none\" stroke=\"#6e5c39\" stroke-width=\".08\"/>",
                        at.x(), at.y())
                : "";
        return ring
                + format(
                        "<circle cx=\"%.2f\" cy=\"%.2f\" r=\".13\" fill=\"#6d2a5d\"/><text x=\"%.2f\" y=\"%.2f\" font-size=\".62\""
                                + " font-family=\"Commissioner\" fill=\"#241f2a\" text-anchor=\"middle\">%d</text>",
                        at.x(), at.y(), at.x(), at.y() - .3, number);
    }

    private static String format(String pattern, Object... values) {
        return String.format(Locale.ROOT, pattern, values);
    }
}
