package fluidframe.server.recording;

import fluidframe.server.access.OpenTo;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The sounds of recordings: what there is, all of them to take away, and those that nothing names cleared away. */
@RestController
@OpenTo
@RequestMapping("/api/sounds")
class SoundController {
    private static final String ZIP = "application/zip";

    private final Sounds sounds;

    SoundController(Sounds sounds) {
        this.sounds = sounds;
    }

    @GetMapping
    SoundsView all() {
        return sounds.all();
    }

    /** A copy of all of them. Unpacked beside the database, or brought one by one, they are found again by what is in them. */
    @GetMapping(value = "/file", produces = ZIP)
    void file(HttpServletResponse response) throws IOException {
        response.setContentType(ZIP);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("recordings.zip")
                        .build()
                        .toString());
        sounds.write(response.getOutputStream());
    }

    /** Those that no song names, none of its versions and nothing in the bin; what came within the last two hours stays. */
    @DeleteMapping("/unused")
    SoundsView.Cleared clear() {
        return sounds.clear();
    }
}
