package fluidframe.core.music;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A song: its parts in order, its metre and its tempo. Made by hand, tapped, read from a file, or heard in a recording, whose
 * beats then say when everything is.
 *
 * @param name what it is called
 * @param beatsPerBar 2 to 6
 * @param phraseBars how many bars a phrase has, 1 to 32
 * @param sections its parts in order, at least one
 * @param tempos where the tempo changes, the first at bar 1, in order of bars; beside a recording a summary of its beats
 * @param accents moments worth a highlight, in order
 * @param recording its sound, where there is one
 */
public record Song(
        String name,
        int beatsPerBar,
        int phraseBars,
        List<Section> sections,
        List<TempoMark> tempos,
        List<Accent> accents,
        Optional<Recorded> recording) {
    /** The longest piece of music, in bars: twelve minutes of the quickest dance. */
    public static final int MOST_BARS = 800;
    /** Bars a minute, far below any dance, so that music can be slowed down for practice. */
    public static final int SLOWEST = 5;
    /** Bars a minute, far above any dance. */
    public static final int FASTEST = 200;
    /** Bars a phrase. */
    private static final int MOST_PHRASE = 32;
    /** In a minute. */
    private static final double SECONDS = 60;

    /** What a part is for. */
    public enum Kind {
        INTRODUCTION,
        DANCE,
        ENDING
    }

    /** A part of the song, such as a verse, of 1 or more bars. */
    public record Section(String name, int bars, Kind kind) {}

    /** From this bar on the song goes at so many bars a minute. */
    public record TempoMark(int bar, double barsPerMinute) {}

    /** One beat that stands out. */
    public record Accent(int bar, int beat) {}

    /** One without a recording. */
    public Song(
            String name,
            int beatsPerBar,
            int phraseBars,
            List<Section> sections,
            List<TempoMark> tempos,
            List<Accent> accents) {
        this(name, beatsPerBar, phraseBars, sections, tempos, accents, Optional.empty());
    }

    /** Refuses what cannot be: every sentence says which part, what it must be and what it was. */
    public Song {
        if (beatsPerBar < 2 || beatsPerBar > 6) {
            throw new IllegalArgumentException("A song must have 2 to 6 beats a bar, but has " + beatsPerBar);
        }
        if (phraseBars < 1 || phraseBars > MOST_PHRASE) {
            throw new IllegalArgumentException(
                    "A phrase must have 1 to " + MOST_PHRASE + " bars, but has " + phraseBars);
        }
        if (sections.isEmpty()) {
            throw new IllegalArgumentException("A song must have at least one section: give its name and bars");
        }
        for (Section section : sections) {
            if (section.bars() < 1) {
                throw new IllegalArgumentException(
                        "Section \"" + section.name() + "\" must have 1 bar or more, but has " + section.bars());
            }
        }
        int bars = sections.stream().mapToInt(Section::bars).sum();
        if (bars > MOST_BARS) {
            throw new IllegalArgumentException("A song must have at most " + MOST_BARS + " bars, but has " + bars);
        }
        tempos = tempos.stream().sorted(Comparator.comparingInt(TempoMark::bar)).toList();
        refuseTempos(tempos, bars);
        for (Accent accent : accents) {
            if (accent.bar() < 1 || accent.bar() > bars || accent.beat() < 1 || accent.beat() > beatsPerBar) {
                throw new IllegalArgumentException("An accent must fall within the song's " + bars + " bars of "
                        + beatsPerBar + " beats, but was at " + accent.bar() + ":" + accent.beat());
            }
        }
        sections = List.copyOf(sections);
        accents = accents.stream()
                .sorted(Comparator.comparingInt(Accent::bar).thenComparingInt(Accent::beat))
                .toList();
    }

    private static void refuseTempos(List<TempoMark> tempos, int bars) {
        if (tempos.isEmpty() || tempos.get(0).bar() != 1) {
            throw new IllegalArgumentException("A song must have a tempo from bar 1 on");
        }
        Set<Integer> seen = new HashSet<>();
        for (TempoMark mark : tempos) {
            if (mark.bar() > bars) {
                throw new IllegalArgumentException(
                        "A tempo must begin within the song's " + bars + " bars, but was at bar " + mark.bar());
            }
            if (!seen.add(mark.bar())) {
                throw new IllegalArgumentException("Bar " + mark.bar() + " must have one tempo, but has two");
            }
            if (!(mark.barsPerMinute() >= SLOWEST && mark.barsPerMinute() <= FASTEST)) {
                throw new IllegalArgumentException("A tempo must be " + SLOWEST + " to " + FASTEST
                        + " bars a minute, but at bar " + mark.bar() + " was " + mark.barsPerMinute());
            }
        }
    }

    public int bars() {
        return sections.stream().mapToInt(Section::bars).sum();
    }

    /** The bar on which each section begins, from 1. */
    public List<Integer> beginnings() {
        List<Integer> beginnings = new ArrayList<>();
        int bar = 1;
        for (Section section : sections) {
            beginnings.add(bar);
            bar += section.bars();
        }
        return beginnings;
    }

    /** The first bar after the introduction. */
    public int danceBar() {
        for (int i = 0; i < sections.size(); i++) {
            if (sections.get(i).kind() != Kind.INTRODUCTION) return beginnings().get(i);
        }
        return 1;
    }

    /**
     * Seconds from the first beat of the song to a place so many bars after it; after the last mark, or the last beat of a
     * recording, the tempo goes on.
     */
    public double seconds(double barsFromStart) {
        if (recording.isPresent()) {
            return recording.get().secondsAt(barsFromStart * beatsPerBar)
                    - recording.get().secondsAt(0);
        }
        double seconds = 0;
        for (int i = 0; i < tempos.size(); i++) {
            double from = tempos.get(i).bar() - 1.0;
            if (barsFromStart <= from) break;
            double to = i + 1 < tempos.size() ? tempos.get(i + 1).bar() - 1.0 : Double.MAX_VALUE;
            seconds += (Math.min(to, barsFromStart) - from)
                    * SECONDS
                    / tempos.get(i).barsPerMinute();
        }
        return seconds;
    }

    /** The tempos at which so many bars from a bar on are played, in bars a minute. */
    public DoubleSummaryStatistics played(int fromBar, double bars) {
        DoubleSummaryStatistics played = new DoubleSummaryStatistics();
        for (int i = 0; i < tempos.size(); i++) {
            boolean begins = tempos.get(i).bar() - fromBar < bars;
            boolean lasts = i + 1 == tempos.size() || tempos.get(i + 1).bar() > fromBar;
            if (begins && lasts) played.accept(tempos.get(i).barsPerMinute());
        }
        return played;
    }

    public double lengthSeconds() {
        return seconds(bars());
    }
}
