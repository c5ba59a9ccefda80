package fluidframe.server.demo;

import java.io.IOException;

/** What a feature puts into an empty demo studio. */
public interface DemoStudio {
    /** Adds the feature's demo data; called once, when the data folder is new. Earlier orders come first. */
    void furnish() throws IOException;

    int order();
}
