package fluidframe.server.demo;

import java.io.IOException;
import java.util.Comparator;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Furnishes the demo studio when the application starts with {@code --fluidframe.demo=true}. */
@Component
@ConditionalOnProperty("fluidframe.demo")
class DemoRunner implements ApplicationRunner {
    private final List<DemoStudio> studios;

    DemoRunner(List<DemoStudio> studios) {
        this.studios = studios;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        for (DemoStudio studio : studios.stream()
                .sorted(Comparator.comparingInt(DemoStudio::order))
                .toList()) studio.furnish();
    }
}
