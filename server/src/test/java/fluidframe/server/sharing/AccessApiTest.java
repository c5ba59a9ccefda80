package fluidframe.server.sharing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import fluidframe.server.ApiCalls;
import fluidframe.server.access.CoachLock;
import fluidframe.server.access.LettingIn;
import fluidframe.server.access.LocalKey;
import fluidframe.server.access.Visitors;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.RequestPostProcessor;

/** Coming in: with a code from the network, with a passphrase here; and staying out. */
@Import(Visitors.class)
class AccessApiTest extends ApiCalls {
    private static final String PHRASE = "seven brass lanterns";

    @Autowired
    private LettingIn lettingIn;

    @Autowired
    private CoachLock lock;

    @Autowired
    private LocalKey key;

    @Autowired
    private Visitors visitors;

    @Autowired
    private JdbcTemplate database;

    @AfterEach
    void open() {
        lock.remove();
        lettingIn.withdraw();
    }

    private MockHttpServletResponse sent(MockHttpServletRequestBuilder request, Object body) throws Exception {
        if (body != null) request.contentType("application/json").content(mapper.writeValueAsString(body));
        return mvc.perform(request).andReturn().getResponse();
    }

    private static Object knock(String code) {
        return Map.of("code", code, "name", "The red phone");
    }

    @Test
    void aDeviceIsLetInWithACookieThatNoScriptReadsAndNoOtherSiteSends() throws Exception {
        RequestPostProcessor stranger = Visitors.stranger("192.168.7.50");
        assertThat(call(200, get("/api/access").with(stranger), null)
                        .get("visitor")
                        .asText())
                .isEqualTo("stranger");
        String code = lettingIn.make(Optional.empty()).digits();
        MockHttpServletResponse in = sent(post("/api/access/devices").with(stranger), knock(code));
        assertThat(in.getStatus()).isEqualTo(204);
        assertThat(in.getHeader("Set-Cookie")).contains("HttpOnly", "SameSite=Strict", "Path=/");
        JsonNode who = call(200, get("/api/access").with(stranger).cookie(in.getCookie("fluidframe-device")), null);
        assertThat(who.get("visitor").asText()).isEqualTo("device");
        assertThat(who.get("device").asText()).isEqualTo("The red phone");
        // What is kept is not what is sent.
        assertThat(database.queryForList("select token_hash from shared_device", String.class))
                .doesNotContain(in.getCookie("fluidframe-device").getValue());
        JsonNode devices = call(200, get("/api/sharing"), null).get("devices");
        assertThat(devices.get(0).get("name").asText()).isEqualTo("The red phone");
        String id = devices.get(0).get("id").asText();
        call(200, delete("/api/sharing/devices/" + id), null);
        call(404, delete("/api/sharing/devices/" + id), null);
        call(401, get("/api/shared").with(stranger).cookie(in.getCookie("fluidframe-device")), null);
        assertThat(call(200, get("/api/sharing"), null).get("lines").toString())
                .contains("let in", "shut out", "192.168.7.50");
    }

    @Test
    void aWrongCodeIsRefusedAndTheSixthIsNotEvenTried() throws Exception {
        RequestPostProcessor stranger = Visitors.stranger("192.168.7.51");
        String code = lettingIn.make(Optional.empty()).digits();
        String wrong = code.equals("000000") ? "111111" : "000000";
        for (int i = 0; i < 5; i++) call(422, post("/api/access/devices").with(stranger), knock(wrong));
        MockHttpServletResponse cut = sent(post("/api/access/devices").with(stranger), knock(code));
        assertThat(cut.getStatus()).isEqualTo(429);
        assertThat(cut.getHeader("Retry-After")).isEqualTo("600");
        // The code went with the wrong tries, also for others.
        call(422, post("/api/access/devices").with(Visitors.stranger("192.168.7.52")), knock(code));
        call(422, post("/api/access/devices"), knock(code));
    }

    @Test
    void fromTheNetworkOnlyTheNumberOfThisMachineIsAnAddress() throws Exception {
        for (String host : List.of("studio.example:9421", "127.0.0.1:9421", "192.168.7.6:9421", "192.168.7.5:80")) {
            call(403, get("/api/access").header("Host", host).with(Visitors.stranger()), null);
            call(403, get("/").header("Host", host).with(Visitors.stranger()), null);
        }
        call(200, get("/api/access").header("Host", "192.168.7.5:9421").with(Visitors.stranger()), null);
        call(403, get("/api/access").header("Host", "192.168.7.5:9421"), null);
    }

    @Test
    void anotherOriginNeitherReadsNorWrites() throws Exception {
        RequestPostProcessor phone = visitors.device(Optional.empty());
        for (String origin :
                List.of("http://evil.example", "http://127.0.0.1:9421", "null", "https://192.168.7.5:9421")) {
            call(403, get("/api/shared").header("Origin", origin).with(phone), null);
            call(403, post("/api/shared/runs").header("Origin", origin).with(phone), Map.of());
            call(403, post("/api/access/devices").header("Origin", origin).with(phone), knock("123456"));
        }
        call(403, get("/api/shared").header("Sec-Fetch-Site", "cross-site").with(phone), null);
        call(403, get("/api/shared").header("Sec-Fetch-Site", "same-site").with(phone), null);
        MockHttpServletResponse own = sent(
                get("/api/shared").header("Origin", "http://192.168.7.5:9421").with(phone), null);
        assertThat(own.getStatus()).isEqualTo(200);
        assertThat(own.getHeader("Access-Control-Allow-Origin")).isNull();
    }

    private MockHttpSession unlocked(String passphrase) throws Exception {
        MockHttpSession session = new MockHttpSession();
        var answer = mvc.perform(post("/api/access/unlock")
                        .session(session)
                        .contentType("application/json")
                        .content(mapper.writeValueAsString(Map.of("passphrase", passphrase))))
                .andReturn();
        assertThat(answer.getResponse().getStatus()).isEqualTo(204);
        // The session that was there before is worth nothing.
        assertThat(session.isInvalid()).isTrue();
        return (MockHttpSession) answer.getRequest().getSession(false);
    }

    @Test
    void withAPassphraseThePageOpensForWhoKnowsItAndLocksAgain() throws Exception {
        call(422, put("/api/sharing/passphrase"), Map.of("now", "", "fresh", "short"));
        call(200, put("/api/sharing/passphrase"), Map.of("now", "", "fresh", PHRASE));
        assertThat(database.queryForObject("select hash from coach_lock", String.class))
                .startsWith("$argon2id$")
                .doesNotContain(PHRASE);
        call(401, get("/api/routines"), null);
        JsonNode who = call(200, get("/api/access"), null);
        assertThat(who.get("visitor").asText()).isEqualTo("stranger");
        assertThat(who.get("hasPassphrase").asBoolean()).isTrue();
        call(422, post("/api/access/unlock"), Map.of("passphrase", PHRASE + " "));
        MockHttpSession session = unlocked(PHRASE);
        call(200, get("/api/routines").session(session), null);
        call(401, get("/api/routines").session(new MockHttpSession()), null);
        call(204, post("/api/access/lock").session(session), null);
        call(401, get("/api/routines").session(session), null);
    }

    @Test
    void anotherPassphraseShutsWhoOpenedWithTheOldOneAndWantsIt() throws Exception {
        lock.change(PHRASE);
        MockHttpSession first = unlocked(PHRASE);
        MockHttpSession second = unlocked(PHRASE);
        call(422, put("/api/sharing/passphrase").session(first), Map.of("now", "not this", "fresh", "another phrase"));
        call(422, put("/api/sharing/passphrase").session(first), Map.of("now", PHRASE, "fresh", "short"));
        call(200, get("/api/routines").session(second), null);
        call(200, put("/api/sharing/passphrase").session(first), Map.of("now", PHRASE, "fresh", "another phrase"));
        call(401, get("/api/routines").session(second), null);
        MockHttpSession third = unlocked("another phrase");
        call(200, put("/api/sharing/passphrase").session(third), Map.of("now", "another phrase", "fresh", ""));
        call(200, get("/api/routines"), null);
    }

    @Test
    void guessingThePassphraseIsCutOff() throws Exception {
        lock.change(PHRASE);
        for (int i = 0; i < 5; i++)
            call(422, post("/api/access/unlock").with(at("127.0.0.9")), Map.of("passphrase", "guess number " + i));
        call(429, post("/api/access/unlock").with(at("127.0.0.9")), Map.of("passphrase", PHRASE));
        call(422, post("/api/access/unlock").with(at("127.0.0.8")), Map.of("passphrase", "x".repeat(300)));
    }

    private static RequestPostProcessor at(String address) {
        return request -> {
            request.setRemoteAddr(address);
            return request;
        };
    }

    @Test
    void theCommandLineAsksAsTheCoachWithTheKeyOfThisStart() throws Exception {
        lock.change(PHRASE);
        call(200, get("/api/routines").header(LocalKey.HEADER, key.text()), null);
        call(401, get("/api/routines").header(LocalKey.HEADER, key.text().substring(1)), null);
        call(401, get("/api/routines").header(LocalKey.HEADER, ""), null);
        // From the network it opens nothing.
        call(401, get("/api/routines").header(LocalKey.HEADER, key.text()).with(Visitors.stranger()), null);
    }

    @Test
    void fromTheNetworkThePassphraseOpensNothingAndASessionOfHereIsNone() throws Exception {
        lock.change(PHRASE);
        call(422, post("/api/access/unlock").with(Visitors.stranger()), Map.of("passphrase", PHRASE));
        MockHttpSession session = unlocked(PHRASE);
        call(401, get("/api/routines").session(session).with(Visitors.stranger()), null);
    }

    @Test
    void withoutAServerThereIsNothingToOpenAndNoCodeIsShown() throws Exception {
        call(422, put("/api/sharing"), Map.of("open", true));
        call(422, post("/api/sharing/code"), Map.of());
        assertThat(call(200, get("/api/sharing"), null).get("open").asBoolean()).isFalse();
    }
}
