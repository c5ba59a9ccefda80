package fluidframe.server.demo;

import java.io.IOException;

/** What a feature puts into the demo studio. */
public interface DemoStudio {
    /**
     * Adds the feature's demo data, in one transaction with the others'; called once in the life of a studio. What somebody
     * has made there before is left as it is.
     */
    void furnish() throws IOException;

    /** Earlier ones come first. */
    int order();
}
