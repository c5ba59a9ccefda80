package fluidframe.server.store;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * After trouble with the disk the database goes on refusing, even when there is room again. So it is dropped without writing
 * anything more, and opened anew from what lies on the disk, which is all that was acknowledged, with the next request.
 */
@Component
public class StoreRescue {
    private static final Logger LOG = LoggerFactory.getLogger(StoreRescue.class);

    private final HikariDataSource source;
    private final WriteGate gate;

    StoreRescue(HikariDataSource source, WriteGate gate) {
        this.source = source;
        this.gate = gate;
    }

    /** What to tell somebody whose request failed with this; empty, and nothing done, if the disk is not to blame. */
    public Optional<String> after(Throwable failure) {
        Optional<String> sentence = StorageTrouble.sentence(failure);
        sentence.ifPresent(said -> {
            LOG.error("{} ({})", said, failure.toString());
            gate.whileNobodyWrites(this::drop);
        });
        return sentence;
    }

    private void drop() {
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("SHUTDOWN IMMEDIATELY");
        } catch (SQLException e) {
            // Closed already, by itself or by another request that came to grief at the same time.
            LOG.debug("The database was closed already", e);
        }
        if (source.getHikariPoolMXBean() != null) source.getHikariPoolMXBean().softEvictConnections();
    }
}
