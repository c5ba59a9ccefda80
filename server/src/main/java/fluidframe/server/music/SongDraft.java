package fluidframe.server.music;

import fluidframe.core.music.Song;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** A song as a coach describes it: tempo in bars a minute, bars and beats from 1. */
public record SongDraft(
        @NotBlank @Size(max = 120) String name,
        int beatsPerBar,
        int phraseBars,
        @NotNull @Size(max = 60) List<@Valid @NotNull SectionDraft> sections,
        @NotNull @Size(max = 400) List<@NotNull TempoDraft> tempos,
        @NotNull @Size(max = 200) List<@NotNull AccentDraft> accents) {
    /** A part of the song. */
    public record SectionDraft(
            @NotBlank @Size(max = 60) String name,
            int bars,
            @NotNull SectionKind kind) {}

    /** What a part is for. */
    public enum SectionKind {
        INTRODUCTION,
        DANCE,
        ENDING
    }

    /** From this bar on so many bars a minute. */
    public record TempoDraft(int bar, double barsPerMinute) {}

    /** One beat that stands out. */
    public record AccentDraft(int bar, int beat) {}

    Song toSong() {
        return new Song(
                name.trim(),
                beatsPerBar,
                phraseBars,
                sections.stream()
                        .map(s -> new Song.Section(
                                s.name().trim(),
                                s.bars(),
                                Song.Kind.valueOf(s.kind().name())))
                        .toList(),
                tempos.stream()
                        .map(t -> new Song.TempoMark(t.bar(), t.barsPerMinute()))
                        .toList(),
                accents.stream().map(a -> new Song.Accent(a.bar(), a.beat())).toList());
    }

    static SongDraft of(Song song) {
        return new SongDraft(
                song.name(),
                song.beatsPerBar(),
                song.phraseBars(),
                song.sections().stream()
                        .map(s -> new SectionDraft(
                                s.name(), s.bars(), SectionKind.valueOf(s.kind().name())))
                        .toList(),
                song.tempos().stream()
                        .map(t -> new TempoDraft(t.bar(), t.barsPerMinute()))
                        .toList(),
                song.accents().stream()
                        .map(a -> new AccentDraft(a.bar(), a.beat()))
                        .toList());
    }
}
