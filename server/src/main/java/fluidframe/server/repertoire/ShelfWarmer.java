package fluidframe.server.repertoire;

import fluidframe.core.link.Repertoire;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** Works the library out once in the background after the start, so that the first page does not wait for it. */
@Component
class ShelfWarmer implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(ShelfWarmer.class);

    private final FigureShelf shelf;

    ShelfWarmer(FigureShelf shelf) {
        this.shelf = shelf;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        Thread thread = new Thread(this::warm, "shelf-warmer");
        thread.setDaemon(true);
        thread.start();
    }

    private void warm() {
        try {
            Repertoire repertoire = shelf.repertoire();
            shelf.warm();
            repertoire.warmLinks();
            LOG.info(
                    "{} figures and their links worked out", repertoire.charts().size());
        } catch (RuntimeException e) {
            LOG.warn("The library could not be worked out ahead; the first page will try again", e);
        }
    }
}
