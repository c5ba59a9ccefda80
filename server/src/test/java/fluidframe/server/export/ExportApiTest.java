package fluidframe.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import fluidframe.server.ApiCalls;
import fluidframe.server.store.Documents;
import fluidframe.server.store.Kind;
import java.io.ByteArrayInputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javax.imageio.ImageIO;
import javax.sound.midi.MidiSystem;
import javax.xml.parsers.DocumentBuilderFactory;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;

class ExportApiTest extends ApiCalls {
    @Autowired
    private List<Documents<?, ?>> documents;

    private byte[] file(Kind kind, String id, String format) throws Exception {
        MockHttpServletResponse response = mvc.perform(get("/api/exports/{kind}/{id}/{format}", kind, id, format))
                .andReturn()
                .getResponse();
        assertThat(response.getStatus()).as(kind + " " + id + " " + format).isEqualTo(200);
        assertThat(response.getHeader("Content-Disposition")).contains("attachment", format);
        return response.getContentAsByteArray();
    }

    /** Everything of the demo studio, in every format that is also read: the same as what is here. */
    @Test
    void whatIsWrittenAndReadComesBackEqual() throws Exception {
        Set<String> read = new TreeSet<>();
        for (Documents<?, ?> all : documents) {
            Kind kind = all.traits().kind();
            for (String id : all.saved().keySet()) {
                for (JsonNode offer : call(200, get("/api/exports/{kind}/{id}", kind, id), null)) {
                    String format = offer.get("format").asText();
                    boolean isRead = Set.of("yaml", "json", "csv").contains(format);
                    if (!isRead) continue;
                    JsonNode looked = look("a." + format, file(kind, id, format));
                    assertThat(looked.get("problems"))
                            .as(kind + " " + id + " " + format)
                            .isEmpty();
                    assertThat(looked.at("/things/0/state").asText()).isEqualTo("same");
                    assertThat(looked.at("/things/0/id").asText()).isEqualTo(id);
                    read.add(kind + " " + format);
                }
            }
        }
        for (Kind kind : Kind.values()) {
            if (kind != Kind.LIST) assertThat(read).contains(kind + " yaml", kind + " json");
        }
        assertThat(read).contains("figure csv");
    }

    /** A file of notes has no sound; everything else of a song is in it. */
    @Test
    void songsComeBackFromTheirMidiFilesAndARoutineIsOne() throws Exception {
        for (JsonNode line : call(200, get("/api/songs"), null).get("lines")) {
            String id = line.get("id").asText();
            ObjectNode kept =
                    (ObjectNode) call(200, get("/api/songs/" + id), null).get("document");
            JsonNode looked = look("a.mid", file(Kind.SONG, id, "mid"));
            ObjectNode read = ((ObjectNode) looked.at("/things/0/document")).deepCopy();
            read.remove("format");
            kept.remove(List.of("format", "recording"));
            assertThat(read).hasToString(kept.toString());
        }
        byte[] routine = file(Kind.ROUTINE, "long-floor-waltz", "mid");
        assertThat(MidiSystem.getSequence(new ByteArrayInputStream(routine)).getMicrosecondLength())
                .isPositive();
    }

    @Test
    void picturesAreReadByOtherPrograms() throws Exception {
        for (String id : List.of("waltz.natural-turn", "samba.solo-spot-voltas", "paso-doble.sixteen")) {
            byte[] svg = file(Kind.FIGURE, id, "svg");
            var parsed =
                    DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(svg));
            assertThat(parsed.getElementsByTagName("path").getLength()).isGreaterThan(4);
            var picture = ImageIO.read(new ByteArrayInputStream(file(Kind.FIGURE, id, "png")));
            assertThat(picture.getWidth()).isGreaterThan(1000);
        }
    }

    private VEvent event(byte[] ics) throws Exception {
        Calendar calendar = new CalendarBuilder().build(new StringReader(new String(ics, StandardCharsets.UTF_8)));
        return (VEvent) calendar.getComponent(Component.VEVENT).orElseThrow();
    }

    /** A newer file changes the entry that an older one made: the same name, a higher count. */
    @Test
    void lessonsAndEventsGoIntoACalendarAndStayTheSameThere() throws Exception {
        String id = call(200, get("/api/lessons"), null).at("/lines/0/id").asText();
        JsonNode view = call(200, get("/api/lessons/" + id), null);
        VEvent before = event(file(Kind.LESSON, id, "ics"));
        assertThat(before.getUid().orElseThrow().getValue()).isEqualTo("lesson-" + id + "@fluidframe");
        assertThat(before.getSummary().getValue())
                .contains(view.at("/document/with/name").asText());
        ObjectNode save = mapper.createObjectNode()
                .put("expectedVersion", view.get("version").asLong());
        save.set("document", ((ObjectNode) view.get("document")).put("where", "Hall nine"));
        call(200, org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put("/api/lessons/" + id), save);
        VEvent after = event(file(Kind.LESSON, id, "ics"));
        assertThat(after.getUid()).isEqualTo(before.getUid());
        assertThat(after.getSequence().getSequenceNo())
                .isGreaterThan(before.getSequence().getSequenceNo());
        assertThat(after.getLocation().getValue()).isEqualTo("Hall nine");
        assertThat(event(file(Kind.EVENT, "ostermere-plate-heats", "ics"))
                        .getSummary()
                        .getValue())
                .contains("Ostermere");
    }

    @Test
    void aFormatThatThereIsNotIsRefused() throws Exception {
        assertThat(call(422, get("/api/exports/song/lantern-hill/csv"), null)
                        .get("detail")
                        .asText())
                .contains("yaml, json, mid");
        call(404, get("/api/exports/song/none/yaml"), null);
        call(422, get("/api/exports/hat/none/yaml"), null);
    }
}
