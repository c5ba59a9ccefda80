package fluidframe.server.recording;

import fluidframe.core.band.Band;
import fluidframe.core.count.Dance;
import fluidframe.core.music.Song;
import fluidframe.core.music.analysis.DanceLikeness;
import fluidframe.core.music.analysis.Hearing;
import fluidframe.core.music.analysis.Recording;
import fluidframe.core.plan.Watch;
import fluidframe.library.shipped.Bands;
import fluidframe.library.song.SongFormat;
import fluidframe.server.job.Job;
import fluidframe.server.job.Jobs;
import fluidframe.server.refusal.BusyException;
import fluidframe.server.refusal.NotFoundException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.springframework.stereotype.Service;

/** Listens to recordings as long works. */
@Service
class Listening {
    private static final double RANKED = 0.4;
    /** Each holds on to its samples, up to 60 MB of them, until it has been heard. */
    private static final int MOST_AT_ONCE = 3;

    private final Jobs jobs;
    private final RecordingFiles files;
    private final Map<Dance, Band> bands = Bands.load();
    private final List<Job<?>> underWay = new ArrayList<>();

    Listening(Jobs jobs, RecordingFiles files) {
        this.jobs = jobs;
        this.files = files;
    }

    /** What came of it. */
    private record Told(Dance dance, Hearing hearing, Optional<Song> song, List<DanceLikeness> likely) {}

    /**
     * Begins to listen.
     *
     * @throws BusyException if three are being listened to
     * @param name what the song will be called
     * @param dance as which it is heard; empty for the likeliest
     */
    HearingView begin(String file, String name, Optional<Dance> dance, Recording recording) {
        files.find(file);
        synchronized (underWay) {
            underWay.removeIf(job -> job.state().isOver());
            if (underWay.size() >= MOST_AT_ONCE) {
                throw new BusyException(
                        MOST_AT_ONCE
                                + " recordings are being listened to already: wait until one of them has been heard, and ask again");
            }
            Job<Told> job = jobs.begin(watch -> listen(file, name, dance, recording, watch));
            underWay.add(job);
            return view(job);
        }
    }

    private Told listen(String file, String name, Optional<Dance> dance, Recording recording, Watch watch) {
        List<DanceLikeness> likely = DanceLikeness.ranked(recording, bands.values());
        watch.reached(RANKED);
        Dance as = dance.or(() -> likely.stream().findFirst().map(DanceLikeness::dance))
                .orElse(Dance.WALTZ);
        Hearing hearing = Hearing.of(recording, as, share -> {
            if (watch.isGivenUp()) throw new CancellationException();
            watch.reached(RANKED + (1 - RANKED) * share);
        });
        files.keep(file, hearing.strengths());
        return new Told(as, hearing, hearing.song(name, file, recording.seconds()), likely);
    }

    HearingView get(String id) {
        Job<?> job = jobs.find(id);
        if (job.result().filter(result -> !(result instanceof Told)).isPresent()) {
            throw new NotFoundException("There is no listening \"" + id + "\"");
        }
        return view(job);
    }

    private static HearingView view(Job<?> job) {
        String state = job.state().toString();
        Optional<Told> told = job.result().map(Told.class::cast);
        if (told.isEmpty()) return new HearingView(job.id(), state, job.message(), "", null, 0, 0, 0, List.of());
        Told heard = told.get();
        String message = heard.song().isPresent()
                ? ""
                : "No beats can be heard in this recording: it is silent, or too short, or has none. Nothing was made of it.";
        return new HearingView(
                job.id(),
                state,
                message,
                heard.dance().toString(),
                heard.song().map(SongFormat.SONG::toJson).orElse(null),
                heard.hearing().heard().sureOfBeats(),
                heard.hearing().heard().sureOfOne(),
                heard.hearing().sureOfSections(),
                heard.likely().stream().map(HearingView.Likely::of).toList());
    }
}
