package fluidframe.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import fluidframe.server.ApiCalls;
import java.net.URI;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every route there is, asked for by everybody there can be; what is open to whom is written down here once more. */
@Import(Visitors.class)
class EveryRouteTest extends ApiCalls {
    private static final Set<String> OPEN_TO_STRANGERS =
            Set.of("GET /api/access", "POST /api/access/devices", "POST /api/access/unlock", "POST /api/access/lock");

    private static final Set<String> OPEN_TO_DEVICES = Set.of(
            "GET /api/bands/{dance}",
            "GET /api/dances",
            "GET /api/handouts/{what}/{id}",
            "GET /api/handouts/{what}/{id}/pdf",
            "GET /api/motion/figures/{id}",
            "GET /api/motion/routines/{id}",
            "GET /api/practice-cards/{kind}/{id}",
            "GET /api/routine-terms",
            "GET /api/shared",
            "GET /api/shared/figures",
            "POST /api/shared/runs");

    private static final Set<String> OF_A_COUPLE =
            Set.of("GET /api/shared/practices/{id}", "POST /api/shared/practices/{id}/ticks");

    private static final Set<String> OF_THE_STUDIO = Set.of("GET /api/shared/classes/{id}");

    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;

    @Autowired
    private Visitors visitors;

    @Autowired
    private CoachLock lock;

    @AfterEach
    void open() {
        lock.remove();
    }

    @Test
    void everyRouteSaysWhoMayUseIt() {
        assertThat(requestMappingHandlerMapping.getHandlerMethods().values())
                .filteredOn(route -> route.getBeanType().getName().startsWith("fluidframe"))
                .hasSizeGreaterThan(100)
                .allSatisfy(route -> assertThat(RouteGuard.of(route)).isNotNull());
    }

    @Test
    void aStrangerOnTheNetworkReachesNothingButTheDoor() throws Exception {
        assertThat(open(Visitors.stranger(), Map.of())).isEqualTo(OPEN_TO_STRANGERS);
    }

    @Test
    void aTokenThatWasNeverGivenIsAStrangers() throws Exception {
        assertThat(open(Visitors.fromNetwork("192.168.7.40", "x".repeat(43)), Map.of()))
                .isEqualTo(OPEN_TO_STRANGERS);
    }

    @Test
    void aCouplesDeviceReadsWhatIsForItAndChangesTwoThings() throws Exception {
        String couple = line("/api/couples?q=Ines").get("id");
        String practice = line("/api/practices?from=" + LocalDate.now()).get("id");
        assertThat(open(visitors.device(Optional.of(couple)), Map.of("practices", practice)))
                .isEqualTo(all(OPEN_TO_STRANGERS, OPEN_TO_DEVICES, OF_A_COUPLE));
    }

    @Test
    void aScreenOfTheStudioReadsTheClassOfTodayAndNoPracticeOfAnybody() throws Exception {
        String practice = line("/api/practices?from=" + LocalDate.now()).get("id");
        String evening = call(201, MockMvcRequestBuilders.post("/api/classes"), classOf(LocalDate.now()))
                .get("id")
                .asText();
        assertThat(open(visitors.device(Optional.empty()), Map.of("practices", practice, "classes", evening)))
                .isEqualTo(all(OPEN_TO_STRANGERS, OPEN_TO_DEVICES, OF_THE_STUDIO));
    }

    @Test
    void whileTheCoachsPageIsLockedNothingIsOpenHereEither() throws Exception {
        lock.change("a long way home");
        assertThat(open(request -> request, Map.of())).isEqualTo(OPEN_TO_STRANGERS);
    }

    @Test
    void theCoachUsesEveryRoute() throws Exception {
        Set<String> every = routes().keySet();
        Set<String> open = open(request -> request, Map.of());
        assertThat(open).isEqualTo(every).hasSizeGreaterThan(150);
    }

    private Map<String, String> line(String path) throws Exception {
        return Map.of("id", call(200, get(path), null).at("/lines/0/id").asText());
    }

    private Object classOf(LocalDate day) {
        return Map.of("at", day + "T19:00", "rounds", 2);
    }

    private static Set<String> all(Set<String> one, Set<String> other, Set<String> third) {
        return Stream.of(one, other, third).flatMap(Set::stream).collect(Collectors.toSet());
    }

    private Map<String, HandlerMethod> routes() {
        return requestMappingHandlerMapping.getHandlerMethods().entrySet().stream()
                .flatMap(route -> route.getKey().getPatternValues().stream()
                        .filter(path -> path.startsWith("/api") || path.startsWith("/v3"))
                        .flatMap(path -> route.getKey().getMethodsCondition().getMethods().stream()
                                .map(RequestMethod::name)
                                .map(method -> Map.entry(method + " " + path, route.getValue()))))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (one, other) -> one));
    }

    /** The routes of which the answer to somebody is not that they are not for them; bodies are not sent, so nothing happens. */
    private Set<String> open(RequestPostProcessor who, Map<String, String> ids) throws Exception {
        Set<String> open = new TreeSet<>();
        for (String route : routes().keySet()) {
            String[] words = route.split(" ");
            int status = mvc.perform(MockMvcRequestBuilders.request(
                                    HttpMethod.valueOf(words[0]), URI.create(path(words[1], ids)))
                            .with(who))
                    .andReturn()
                    .getResponse()
                    .getStatus();
            if (status != 401 && status != 403) open.add(route);
        }
        return open;
    }

    private static String path(String pattern, Map<String, String> ids) {
        String id = ids.entrySet().stream()
                .filter(one -> pattern.startsWith("/api/shared/" + one.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(pattern.contains("/routines") ? "ostermere-plate-waltz" : "waltz.whisk");
        return pattern.replace("{id}", id)
                .replace("{what}", "figure")
                .replace("{kind}", "figure")
                .replace("{dance}", "waltz")
                .replaceAll("\\{[^}]+}", "1");
    }
}
