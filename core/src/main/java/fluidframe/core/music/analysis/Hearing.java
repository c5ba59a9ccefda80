package fluidframe.core.music.analysis;

import fluidframe.core.count.Dance;
import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;

/**
 * All that is heard in a recording of a dance: beats and ones, parts, tempos, what stands out. The same recording is always heard
 * the same.
 *
 * @param heard beats and ones
 * @param strengths what is kept so that beats can be looked for again
 * @param sections the parts, in bars from the first one; empty where too few beats were heard
 * @param sureOfSections 0 where no border stands out, towards 1 where all do
 * @param accents beats that stand out, at most 12
 */
public record Hearing(
        Heard heard,
        Strengths strengths,
        List<Song.Section> sections,
        double sureOfSections,
        List<Song.Accent> accents) {
    private static final double ONSETS = 0.4;
    private static final double BEATS = 0.7;
    private static final double SOUND = 0.95;
    private static final int USUAL_PHRASE = 8;

    public Hearing {
        sections = List.copyOf(sections);
        accents = List.copyOf(accents);
    }

    /**
     * Listens.
     *
     * @param share told how much is done, 0 to 1; may throw to give up
     */
    public static Hearing of(Recording recording, Dance dance, DoubleConsumer share) {
        int perBar = dance.beatsPerBar();
        if (recording.isSilent()) {
            return new Hearing(Heard.none(perBar), Strengths.none(), List.of(), 0, List.of());
        }
        Onsets onsets = Onsets.of(recording);
        share.accept(ONSETS);
        List<Double> all = Heard.beats(onsets, dance);
        share.accept(BEATS);
        BeatSound soundOfAll = BeatSound.of(recording, all);
        share.accept(SOUND);
        InTime inTime = InTime.of(onsets, soundOfAll, all, perBar);
        List<Double> beats = inTime.beats();
        BeatSound sound = beats.equals(all) ? soundOfAll : BeatSound.of(recording, beats);
        Heard heard = Heard.of(onsets, sound, inTime, perBar);
        Strengths strengths = Strengths.of(onsets);
        if (beats.size() < heard.firstOne() + perBar || beats.size() < 2) {
            return new Hearing(heard, strengths, List.of(), 0, List.of());
        }
        Sections.Found parts =
                Sections.of(sound, onsets, beats, heard.firstOne(), perBar).without(inTime.free());
        List<Song.Accent> accents = Standouts.of(sound, onsets, beats, heard.firstOne(), perBar);
        return new Hearing(heard, strengths, parts.sections(), parts.sure(), accents);
    }

    /**
     * A song as it was heard; empty where no beats were.
     *
     * @param file by which the sound is kept
     * @param seconds how long the recording lasts
     */
    public Optional<Song> song(String name, String file, double seconds) {
        if (sections.isEmpty()) return Optional.empty();
        Recorded recorded = new Recorded(file, seconds, heard.beats(), heard.firstOne());
        int perBar = heard.beatsPerBar();
        int bars = Math.min(Song.MOST_BARS, recorded.bars(perBar));
        return Optional.of(new Song(
                name,
                perBar,
                USUAL_PHRASE,
                lasting(bars),
                SongBeats.tempos(recorded, perBar, bars),
                accents,
                Optional.of(recorded)));
    }

    /** The parts with the last bar, which rings out and was counted to its end when the parts were known already. */
    private List<Song.Section> lasting(int bars) {
        int known = sections.stream().mapToInt(Song.Section::bars).sum();
        List<Song.Section> lasting = new ArrayList<>(sections);
        Song.Section last = lasting.remove(lasting.size() - 1);
        lasting.add(new Song.Section(last.name(), last.bars() + bars - known, last.kind()));
        return lasting;
    }
}
