package fluidframe.server.store;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.stereotype.Component;

/** Which build works things out: what another build has worked out and kept is worked out anew. */
@Component
public final class LibraryStamp {
    private final String text;

    LibraryStamp(ObjectProvider<BuildProperties> build) {
        BuildProperties known = build.getIfAvailable();
        text = known == null ? "unbuilt" : String.valueOf(known.getTime());
    }

    public String text() {
        return text;
    }
}
