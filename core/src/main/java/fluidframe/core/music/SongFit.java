package fluidframe.core.music;

import fluidframe.core.count.Beats;
import fluidframe.core.routine.Block;
import fluidframe.core.routine.RoutineWork;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A routine set to a song: where everything falls, and where the two do not meet.
 *
 * @param falls for each block where it begins
 * @param meetings for each section that begins while the routine is danced, whether a figure begins with it
 * @param accents for each accent within the routine, what falls on it
 * @param spareBars bars of dance music left after the routine; negative if the routine goes on beyond them
 */
public record SongFit(List<Fall> falls, List<Meeting> meetings, List<Struck> accents, double spareBars) {
    /** Where a block begins: bar and beat of the song from 1, seconds from its first beat, and the section's index. */
    public record Fall(int bar, double beat, double seconds, int section) {}

    /**
     * The beginning of a section.
     *
     * @param section its index
     * @param bar its first bar
     * @param seconds when it begins
     * @param block the block that begins with it, or that it falls into
     * @param late how long before it that block has begun; zero if they meet
     */
    public record Meeting(int section, int bar, double seconds, int block, Beats late) {
        public boolean meets() {
            return late.isZero();
        }
    }

    /** An accent, the block danced on it, and whether that block begins there. */
    public record Struck(Song.Accent accent, int block, boolean begins) {}

    public SongFit {
        falls = List.copyOf(falls);
        meetings = List.copyOf(meetings);
        accents = List.copyOf(accents);
    }

    /**
     * Sets a routine to a song.
     *
     * @param startBar the bar of the song on which bar 1 of the routine falls, from 1
     * @throws IllegalArgumentException if the song is counted otherwise than the dance, or the bar is not in it
     */
    public static SongFit of(RoutineWork work, Song song, int startBar) {
        int beatsPerBar = work.dance().beatsPerBar();
        if (song.beatsPerBar() != beatsPerBar) {
            throw new IllegalArgumentException("\"" + song.name() + "\" has " + song.beatsPerBar() + " beats a bar and "
                    + work.dance().title() + " is counted in " + beatsPerBar
                    + ": choose another song or change its metre");
        }
        if (startBar < 1 || startBar > song.bars()) {
            throw new IllegalArgumentException("The routine must begin on a bar of the song, 1 to " + song.bars()
                    + ", but was to begin on bar " + startBar);
        }
        List<Fall> falls = new ArrayList<>();
        for (Block block : work.blocks()) falls.add(fall(block, song, startBar, beatsPerBar));
        return new SongFit(
                falls, meetings(work, song, startBar), accents(work, song, startBar), spare(work, song, startBar));
    }

    private static Fall fall(Block block, Song song, int startBar, int beatsPerBar) {
        double bars = startBar - 1 + block.start().toDouble() / beatsPerBar;
        int bar = (int) Math.floor(bars) + 1;
        double beat = (bars - (bar - 1)) * beatsPerBar + 1;
        int section = 0;
        for (int i = 0; i < song.sections().size(); i++) if (song.beginnings().get(i) <= bar) section = i;
        return new Fall(bar, beat, song.seconds(bars), section);
    }

    private static List<Meeting> meetings(RoutineWork work, Song song, int startBar) {
        List<Meeting> meetings = new ArrayList<>();
        for (int i = 0; i < song.sections().size(); i++) {
            int bar = song.beginnings().get(i);
            if (bar < startBar) continue;
            Beats at = work.dance().bar().times(bar - startBar);
            Optional<Integer> block = blockAt(work, at);
            if (block.isEmpty()) continue;
            Beats begun = work.blocks().get(block.get()).start();
            // A dance that begins on its second beat meets a section one beat later.
            Beats late = begun.compareTo(at) > 0 ? Beats.ZERO : at.minus(begun);
            meetings.add(new Meeting(i, bar, song.seconds(bar - 1.0), block.get(), late));
        }
        return meetings;
    }

    /** The block that begins with a bar, or else the one under way then. */
    private static Optional<Integer> blockAt(RoutineWork work, Beats at) {
        Optional<Integer> beginning = work.blockAtBar(at);
        if (beginning.isPresent()) return beginning;
        List<Block> blocks = work.blocks();
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            if (block.start().compareTo(at) <= 0 && block.end().compareTo(at) > 0) return Optional.of(i);
        }
        return Optional.empty();
    }

    private static List<Struck> accents(RoutineWork work, Song song, int startBar) {
        List<Struck> struck = new ArrayList<>();
        for (Song.Accent accent : song.accents()) {
            if (accent.bar() < startBar) continue;
            Beats at = work.dance().bar().times(accent.bar() - startBar).plus(Beats.of(accent.beat() - 1));
            for (int i = 0; i < work.blocks().size(); i++) {
                Block block = work.blocks().get(i);
                if (block.start().compareTo(at) <= 0 && block.end().compareTo(at) > 0) {
                    struck.add(new Struck(accent, i, block.start().equals(at)));
                }
            }
        }
        return struck;
    }

    /** An ending belongs to the dance: a couple that stops before it would stand through it. */
    private static double spare(RoutineWork work, Song song, int startBar) {
        double danced = work.blocks().isEmpty()
                ? 0
                : (work.length().toDouble()) / work.dance().beatsPerBar();
        return song.bars() - (startBar - 1) - danced;
    }
}
