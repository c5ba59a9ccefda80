package fluidframe.server.demo;

import fluidframe.server.recording.RecordingFiles;
import java.io.IOException;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** The sound of three songs of the demo studio, played by the house band, so that where their beats are is known. */
@Component
class DemoRecordings {
    private static final List<String> SOUNDS =
            List.of("harbour-lights.opus", "salt-and-lamplight.opus", "dust-road.opus");

    private final RecordingFiles files;

    DemoRecordings(RecordingFiles files) {
        this.files = files;
    }

    void furnish() throws IOException {
        for (String sound : SOUNDS) {
            files.keep(sound, new ClassPathResource("demo/recordings/" + sound).getContentAsByteArray());
        }
    }
}
