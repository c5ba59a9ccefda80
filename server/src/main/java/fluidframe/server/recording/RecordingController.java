package fluidframe.server.recording;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.core.band.Band;
import fluidframe.core.band.Rendering;
import fluidframe.core.count.Dance;
import fluidframe.core.music.Recorded;
import fluidframe.core.music.Song;
import fluidframe.core.music.SongCut;
import fluidframe.core.music.analysis.BeatChange;
import fluidframe.core.music.analysis.Recording;
import fluidframe.library.shipped.Bands;
import fluidframe.library.song.SongFormat;
import fluidframe.library.song.SongSound;
import fluidframe.server.access.OpenTo;
import fluidframe.server.refusal.NotFoundException;
import fluidframe.server.refusal.UnreadableException;
import fluidframe.server.web.ApiDescription;
import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.ShortBuffer;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Recordings over HTTP: kept, listened to, corrected. What a browser has decoded comes as samples of one channel. */
@RestController
@OpenTo
@RequestMapping("/api/recordings")
class RecordingController {
    private static final Duration KEPT = Duration.ofDays(365);

    /** By which a sound is found again. */
    record KeptSound(String file) {}

    /**
     * Bars left out, and the song that is left.
     *
     * @param from the first bar left out, from 1
     * @param bars how many
     * @param why what speaks for it
     * @param begins where in the recording it begins, in seconds; 0 where there is none
     * @param ends where it ends
     * @param document what is left, with the sound of the whole song still in its place
     */
    record CutView(
            int from,
            int bars,
            String why,
            double begins,
            double ends,
            @Schema(ref = ApiDescription.SONG) JsonNode document) {
        static CutView of(SongCut cut, Song song) {
            double[] seconds = cut.seconds(song).orElse(new double[2]);
            String file = song.recording().map(Recorded::file).orElse("");
            JsonNode left = SongFormat.SONG.toJson(cut.cut(song, file));
            return new CutView(cut.from(), cut.bars(), cut.why(), seconds[0], seconds[1], left);
        }
    }

    /** A song with its beats corrected. */
    record Corrected(@Schema(ref = ApiDescription.SONG) JsonNode document) {}

    /**
     * A correction of the beats of a song.
     *
     * @param document the song
     * @param kind what is corrected
     * @param beat an index among the beats, for one, move and remove
     * @param seconds from the beginning of the recording, for move and add
     * @param taps in seconds, for tap
     * @param follow whether the beats after the last tap are looked for anew
     */
    record Correction(
            @Schema(ref = ApiDescription.SONG) JsonNode document,
            Kind kind,
            int beat,
            double seconds,
            List<Double> taps,
            boolean follow) {
        enum Kind {
            HALF,
            TWICE,
            ONE,
            MOVE,
            ADD,
            REMOVE,
            TAP
        }

        BeatChange change() {
            if (kind == null) throw new IllegalArgumentException("A correction must say its kind, such as HALF");
            return switch (kind) {
                case HALF -> new BeatChange.Half();
                case TWICE -> new BeatChange.Twice();
                case ONE -> new BeatChange.One(beat);
                case MOVE -> new BeatChange.Move(beat, seconds);
                case ADD -> new BeatChange.Add(seconds);
                case REMOVE -> new BeatChange.Remove(beat);
                case TAP -> new BeatChange.Tap(taps == null ? List.of() : taps, follow);
            };
        }
    }

    private final RecordingFiles files;
    private final Listening listening;

    RecordingController(RecordingFiles files, Listening listening) {
        this.files = files;
        this.listening = listening;
    }

    /** Keeps a sound in the studio's data folder, and nowhere else. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    KeptSound keep(@RequestParam String name, @RequestBody byte[] sound) {
        return new KeptSound(files.keep(name, sound));
    }

    @GetMapping("/{file}")
    ResponseEntity<Resource> sound(@PathVariable String file) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(KEPT).immutable().cachePrivate())
                .contentType(MediaType.parseMediaType(RecordingFiles.type(file)))
                .body(new FileSystemResource(files.find(file)));
    }

    /**
     * Listens to a sound that is kept.
     *
     * @param name what the song will be called
     * @param dance as which it is heard; blank for the likeliest
     * @param rate samples a second
     * @param samples one channel, 16 bits each, the lower byte first
     */
    @PostMapping(value = "/{file}/hearings", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.ACCEPTED)
    HearingView listen(
            @PathVariable String file,
            @RequestParam String name,
            @RequestParam(defaultValue = "") String dance,
            @RequestParam int rate,
            @RequestBody byte[] samples) {
        Optional<Dance> as = Optional.of(dance).filter(said -> !said.isBlank()).map(Dance::parse);
        return listening.begin(file, name, as, recording(samples, rate));
    }

    private static Recording recording(byte[] bytes, int rate) {
        ShortBuffer read = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).asShortBuffer();
        float[] samples = new float[read.remaining()];
        for (int i = 0; i < samples.length; i++) samples[i] = read.get(i) / (float) -Short.MIN_VALUE;
        return new Recording(samples, rate);
    }

    @GetMapping("/hearings/{id}")
    HearingView heard(@PathVariable String id) {
        return listening.get(id);
    }

    /** Corrects the beats of a song and keeps nothing: whoever asked has it to save or to take back. */
    @PostMapping("/corrections")
    Corrected correct(@RequestBody Correction correction) {
        Song song = read(correction.document());
        String file = song.recording().map(Recorded::file).orElse("");
        return new Corrected(SongFormat.SONG.toJson(correction.change().of(song, files.strengths(file))));
    }

    /**
     * Cuts of a song that is too long, the least noticed first.
     *
     * @param bars about how many are to be left
     */
    @PostMapping("/cuts")
    List<CutView> cuts(@RequestParam int bars, @RequestBody @Schema(ref = ApiDescription.SONG) JsonNode document) {
        Song song = read(document);
        return SongCut.of(song, bars).stream().map(cut -> CutView.of(cut, song)).toList();
    }

    private static Song read(JsonNode document) {
        return SongFormat.SONG.read(document).orThrow(UnreadableException::new);
    }

    /** A song played by the house band, as a WAV file, for whoever has no recording of it. */
    @PostMapping(value = "/played", produces = "audio/wav")
    ResponseEntity<byte[]> played(
            @RequestParam String dance, @RequestBody @Schema(ref = ApiDescription.SONG) JsonNode document) {
        Band band = Bands.load().get(Dance.parse(dance));
        if (band == null) throw new NotFoundException("There is no band for \"" + dance + "\"");
        float[] samples = Rendering.of(band, read(document)).samples();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("audio/wav"))
                .body(SongSound.wave(samples));
    }
}
