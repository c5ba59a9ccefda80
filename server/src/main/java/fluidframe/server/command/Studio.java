package fluidframe.server.command;

import fluidframe.server.FluidFrame;
import fluidframe.server.store.DataFolder;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Callable;
import java.util.function.Function;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A studio opened for one command, without pages. */
final class Studio {
    private Studio() {}

    /**
     * Opens it, does something and closes it in good order.
     *
     * @param fresh whether to begin with an empty one; what lies there is set aside
     * @throws fluidframe.server.store.StartRefused if it cannot be opened
     */
    static <R> R with(Path folder, boolean fresh, Function<ConfigurableApplicationContext, R> work) {
        System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
        DataFolder opened = DataFolder.open(folder, fresh, Clock.systemDefaultZone());
        try (ConfigurableApplicationContext context = new SpringApplicationBuilder(FluidFrame.class)
                .web(WebApplicationType.NONE)
                .logStartupInfo(false)
                .initializers(at -> at.getBeanFactory().registerSingleton("dataFolder", opened))
                .run("--fluidframe.data=" + folder, "--logging.level.fluidframe=warn")) {
            return work.apply(context);
        }
    }

    /** Does what may fail in its own way within {@link #with}. */
    static <R> R checked(Callable<R> work) {
        try {
            return work.call();
        } catch (RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
    }
}
