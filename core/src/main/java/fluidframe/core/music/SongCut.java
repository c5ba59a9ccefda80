package fluidframe.core.music;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Bars left out of a song that is too long: what comes after them follows what came before at the same place of a phrase.
 *
 * @param from the first bar left out, from 1
 * @param bars how many are left out
 * @param worth how little it is noticed, 0 to 1
 * @param why what speaks for it, in a few words
 */
public record SongCut(int from, int bars, double worth, String why) {
    private static final int MOST = 6;
    /** Of the name of the whole song in the name of what is left, which a name must have room for. */
    private static final int NAME_LETTERS = 110;
    /** A tempo that differs by so much is heard. */
    private static final double TEMPO = 0.02;

    private static final double AT_BORDER = 0.35;
    private static final double SAME_PART = 0.3;
    private static final double STEADY = 0.25;
    private static final double WHOLE_PHRASE = 0.1;

    /** The first bar that is danced again after the join, from 1. */
    public int after() {
        return from + bars;
    }

    /**
     * Cuts after which about so many bars are left, the least noticed first.
     *
     * @param wanted bars; whole phrases are left out, so that it may come to a few more
     * @throws IllegalArgumentException if the song is not longer than that by a phrase
     */
    public static List<SongCut> of(Song song, int wanted) {
        int phrase = song.phraseBars();
        int out = (song.bars() - wanted) / phrase * phrase;
        if (wanted < 1 || out < phrase) {
            throw new IllegalArgumentException("\"" + song.name() + "\" has " + song.bars() + " bars: with phrases of "
                    + phrase + ", at most " + (song.bars() - phrase) + " can be left of it, but "
                    + wanted + " were asked for");
        }
        int first = song.danceBar();
        int last = song.bars();
        int sections = song.sections().size();
        if (sections > 1 && song.sections().get(sections - 1).kind() == Song.Kind.ENDING) {
            last = song.beginnings().get(sections - 1) - 1;
        }
        // What somebody has written beyond the recording has no sound that could be left out.
        int sounding = song.recording()
                .map(recorded -> recorded.bars(song.beatsPerBar()))
                .orElse(last);
        last = Math.min(last, sounding);
        List<SongCut> cuts = new ArrayList<>();
        // The first bar danced and the last one stay, so that it begins and ends as it does.
        for (int from = first + 1; from + out - 1 <= last; from++) cuts.add(at(song, from, out, first));
        cuts.sort(Comparator.comparingDouble(SongCut::worth).reversed().thenComparingInt(SongCut::from));
        return cuts.stream().limit(MOST).toList();
    }

    private static SongCut at(Song song, int from, int bars, int first) {
        int after = from + bars;
        List<String> why = new ArrayList<>();
        double worth = 0;
        boolean border = song.beginnings().contains(from)
                && (after > song.bars() || song.beginnings().contains(after));
        if (border) {
            worth += AT_BORDER;
            why.add("whole parts");
        }
        if (section(song, from - 1).equals(section(song, Math.min(song.bars(), after) - 1))
                || section(song, from).equals(section(song, Math.min(song.bars(), after)))) {
            worth += SAME_PART;
            why.add("the same music goes on");
        }
        if (Math.abs(tempo(song, from - 1) / tempo(song, Math.min(song.bars(), after)) - 1) < TEMPO) {
            worth += STEADY;
            why.add("at the same tempo");
        }
        if ((from - first) % song.phraseBars() == 0) {
            worth += WHOLE_PHRASE;
            why.add("where a phrase is over");
        }
        return new SongCut(from, bars, worth, why.isEmpty() ? "nothing but the phrase" : String.join(", ", why));
    }

    private static String section(Song song, int bar) {
        int at = 0;
        while (at + 1 < song.sections().size() && song.beginnings().get(at + 1) <= bar) at++;
        return song.sections().get(at).name();
    }

    private static double tempo(Song song, int bar) {
        return 60 / (song.seconds(bar) - song.seconds(bar - 1.0));
    }

    /**
     * What is left.
     *
     * @param file by which the sound of it is kept, where the song has a recording
     */
    public Song cut(Song song, String file) {
        int perBar = song.beatsPerBar();
        List<Song.Section> sections = new ArrayList<>();
        for (int i = 0; i < song.sections().size(); i++) {
            Song.Section section = song.sections().get(i);
            int begins = song.beginnings().get(i);
            int gone = Math.max(0, Math.min(begins + section.bars(), after()) - Math.max(begins, from));
            if (gone < section.bars()) {
                sections.add(new Song.Section(section.name(), section.bars() - gone, section.kind()));
            }
        }
        List<Song.Accent> accents = new ArrayList<>();
        for (Song.Accent accent : song.accents()) {
            if (accent.bar() < from) accents.add(accent);
            else if (accent.bar() >= after()) accents.add(new Song.Accent(accent.bar() - bars, accent.beat()));
        }
        List<Song.TempoMark> tempos = new ArrayList<>();
        for (int bar = 1; bar <= song.bars(); bar++) {
            if (bar >= from && bar < after()) continue;
            int mark = 0;
            while (mark + 1 < song.tempos().size()
                    && song.tempos().get(mark + 1).bar() <= bar) mark++;
            double now = song.tempos().get(mark).barsPerMinute();
            boolean same = !tempos.isEmpty() && tempos.get(tempos.size() - 1).barsPerMinute() == now;
            if (!same) tempos.add(new Song.TempoMark(bar < from ? bar : bar - bars, now));
        }
        return new Song(
                song.name().substring(0, Math.min(song.name().length(), NAME_LETTERS)) + ", cut",
                perBar,
                song.phraseBars(),
                sections,
                tempos,
                accents,
                song.recording().map(recorded -> cut(recorded, file, perBar)));
    }

    private Recorded cut(Recorded recorded, String file, int perBar) {
        double begins = recorded.secondsAt((from - 1.0) * perBar);
        double ends = recorded.secondsAt((after() - 1.0) * perBar);
        List<Double> beats = new ArrayList<>();
        for (int i = 0; i < recorded.beats().size(); i++) {
            int bar = Math.floorDiv(i - recorded.one(), perBar) + 1;
            double second = recorded.beats().get(i);
            if (bar < from) beats.add(second);
            else if (bar >= after()) beats.add(second - (ends - begins));
        }
        return new Recorded(file, recorded.seconds() - (ends - begins), beats, recorded.one());
    }

    /** What is left out of the recording, in seconds; empty where the song has none. */
    public Optional<double[]> seconds(Song song) {
        return song.recording().map(recorded -> new double[] {
            recorded.secondsAt((from - 1.0) * song.beatsPerBar()),
            recorded.secondsAt((after() - 1.0) * song.beatsPerBar())
        });
    }
}
