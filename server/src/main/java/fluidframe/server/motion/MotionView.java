package fluidframe.server.motion;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.core.couple.Role;
import fluidframe.core.motion.Curve;
import fluidframe.core.motion.FootTrack;
import fluidframe.core.motion.Motion;
import fluidframe.core.motion.Track;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A motion as plain data. Beats count from the first of the first bar, places are metres, directions sixteenths clockwise
 * from x and not wrapped.
 *
 * @param name what is danced
 * @param title the dance
 * @param moving whether the couple goes round the floor
 * @param from the beat on which the dancers get ready
 * @param begins the beat of the first row
 * @param end the beat on which the last row is over
 * @param tempo bars a minute at which it is meant to be danced
 * @param seconds at that tempo for every beat from 0 to the end
 * @param hall the floor, none for a figure by itself
 * @param recording the sound to which it is danced, where its song has one
 * @param countIn what is counted before the dancing
 * @param languages in which it can be counted
 */
public record MotionView(
        String name,
        String dance,
        String title,
        int beatsPerBar,
        boolean moving,
        double from,
        double begins,
        double end,
        double tempo,
        double[] seconds,
        HallSize hall,
        @Nullable SoundView recording,
        CountInView countIn,
        List<DancerView> dancers,
        List<StageRow> rows,
        List<StageBlock> blocks,
        List<String> languages) {
    /** The same for whoever has no part in the sound of the song: what leaves the studio is danced to the band. */
    public MotionView withoutRecording() {
        return new MotionView(
                name,
                dance,
                title,
                beatsPerBar,
                moving,
                from,
                begins,
                end,
                tempo,
                seconds,
                hall,
                null,
                countIn,
                dancers,
                rows,
                blocks,
                languages);
    }

    /** The file of a recording, and how many seconds of it are over on the first beat of the first bar. */
    public record SoundView(String file, double from) {}

    /** So many bars before the dancing, and the words for the beats of a bar. */
    public record CountInView(int bars, List<String> words) {}

    /** Metres; 0 by 0 where there is no floor. */
    public record HallSize(double length, double width) {}

    /**
     * A dancer.
     *
     * @param curves by their names: beat, value and slope of one knot after another
     */
    public record DancerView(
            String role, double height, BuildView build, Map<String, double[]> curves, List<HandsView> hands) {}

    /** The measures of a body, in metres. */
    public record BuildView(
            double thigh,
            double shank,
            double ankle,
            double halfHips,
            double torso,
            double halfShoulders,
            double arm,
            double shoe) {}

    /** What the hands hold from a beat on. */
    public record HandsView(double beat, String left, String right) {}

    /** A row where it is danced: what is said on it, as written and aloud, and the cells of the chart by their columns. */
    public record StageRow(
            String role,
            int block,
            int number,
            double onset,
            double end,
            String count,
            List<SpokenWord> spoken,
            Map<String, String> cells) {}

    /** A word of the count and the beat on which it falls. */
    public record SpokenWord(String word, double beat) {}

    /**
     * A figure or free element in its place.
     *
     * @param figure its id; none for a free element or a figure that is missing
     * @param faults usual ones of the figure
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    public record StageBlock(
            String name, Optional<String> figure, double start, double end, int bar, List<UsualFault> faults) {}

    /** What is often seen, and what to say about it. */
    public record UsualFault(String seen, String cue) {}

    private static final double THOUSAND = 1000;
    private static final double TEN_THOUSAND = 10_000;

    static List<DancerView> dancers(Motion motion) {
        List<DancerView> views = new ArrayList<>();
        for (Role role : Role.values()) {
            motion.of(role).ifPresent(track -> views.add(dancer(role, track)));
        }
        return views;
    }

    private static DancerView dancer(Role role, Track track) {
        Map<String, double[]> curves = new LinkedHashMap<>();
        put(curves, "left", track.left());
        put(curves, "right", track.right());
        curves.put("onLeft", knots(track.onLeft()));
        curves.put("x", knots(track.x()));
        curves.put("y", knots(track.y()));
        curves.put("height", knots(track.height()));
        curves.put("body", knots(track.body()));
        curves.put("twist", knots(track.twist()));
        curves.put("hip", knots(track.hip()));
        curves.put("tilt", knots(track.tilt()));
        curves.put("shoulders", knots(track.shoulders()));
        curves.put("sway", knots(track.sway()));
        curves.put("head", knots(track.head()));
        var build = track.build();
        return new DancerView(
                role.toString(),
                build.height(),
                new BuildView(
                        build.thigh(),
                        build.shank(),
                        build.ankle(),
                        build.halfHips(),
                        build.torso(),
                        build.halfShoulders(),
                        build.arm(),
                        build.shoe()),
                curves,
                track.hands().stream()
                        .map(hands -> new HandsView(
                                hands.beat(),
                                hands.left().toString(),
                                hands.right().toString()))
                        .toList());
    }

    private static void put(Map<String, double[]> curves, String foot, FootTrack track) {
        curves.put(foot + "X", knots(track.x()));
        curves.put(foot + "Y", knots(track.y()));
        curves.put(foot + "Direction", knots(track.direction()));
        curves.put(foot + "Heel", knots(track.heel()));
        curves.put(foot + "Ball", knots(track.ball()));
        curves.put(foot + "Edge", knots(track.edge()));
    }

    private static double[] knots(Curve curve) {
        double[] flat = new double[3 * curve.knots().size()];
        for (int i = 0; i < curve.knots().size(); i++) {
            Curve.Knot knot = curve.knots().get(i);
            flat[3 * i] = Math.round(knot.beat() * TEN_THOUSAND) / TEN_THOUSAND;
            flat[3 * i + 1] = Math.round(knot.value() * TEN_THOUSAND) / TEN_THOUSAND;
            flat[3 * i + 2] = Math.round(knot.slope() * THOUSAND) / THOUSAND;
        }
        return flat;
    }
}
