package fluidframe.server.web;

import fluidframe.server.access.LocalKey;
import fluidframe.server.store.DataFolder;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.web.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Writes down where this server answers, for the command line. */
@Component
class Answering {
    private static final Logger LOG = LoggerFactory.getLogger(Answering.class);

    private final ObjectProvider<DataFolder> folder;
    private final LocalKey key;

    Answering(ObjectProvider<DataFolder> folder, LocalKey key) {
        this.folder = folder;
        this.key = key;
    }

    @EventListener
    void started(WebServerInitializedEvent event) {
        try {
            DataFolder at = folder.getIfAvailable();
            if (at != null) at.answersAt(event.getWebServer().getPort(), key.text());
        } catch (IOException e) {
            LOG.warn("The command line will not find this server: {}", e.getMessage());
        }
    }
}
