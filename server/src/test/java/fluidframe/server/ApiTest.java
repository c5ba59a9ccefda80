package fluidframe.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.annotation.DirtiesContext;

/** The whole application over a database of its own in memory, furnished as the demo studio. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@AutoConfigureMockMvc
@DirtiesContext
@SpringBootTest(
        properties = {
            "spring.datasource.url=jdbc:h2:mem:${random.uuid};DB_CLOSE_DELAY=-1",
            "fluidframe.demo=true",
            "spring.datasource.hikari.maximum-pool-size=4"
        })
public @interface ApiTest {}
