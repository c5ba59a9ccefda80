package fluidframe.server.store;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/**
 * After the start and twice a day, in the background: works out anew what lists show of documents that another build described,
 * so that whoever opens a list does not wait for it, and empties the bin of what has been in it for its time.
 */
@Component
class Describer implements ApplicationRunner, DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Describer.class);

    /** Leaves the processors to whoever opens the first page. */
    private static final long AFTER_SECONDS = 5;

    private static final long AGAIN_HOURS = 12;

    private final List<Documents<?, ?>> documents;
    private final Bin bin;
    private volatile boolean ended;

    Describer(List<Documents<?, ?>> documents, Bin bin) {
        this.documents = documents;
        this.bin = bin;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        Thread thread = new Thread(this::describe, "describer");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    /** Not an interrupt, which would close the database's file under whoever else writes. */
    @Override
    public void destroy() {
        ended = true;
    }

    private void describe() {
        try {
            TimeUnit.SECONDS.sleep(AFTER_SECONDS);
            while (!ended) {
                describeAll();
                TimeUnit.HOURS.sleep(AGAIN_HOURS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void describeAll() {
        try {
            bin.empty();
            for (Documents<?, ?> all : documents) {
                boolean more = !ended;
                while (more) more = all.list().describeSome() && !ended;
            }
        } catch (RuntimeException e) {
            if (!ended) LOG.warn("Not everything kept could be described anew; lists do it as they are opened", e);
        }
    }
}
