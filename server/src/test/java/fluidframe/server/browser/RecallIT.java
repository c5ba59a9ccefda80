package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

class RecallIT extends BrowserTest {
    private JsonNode get(String path) throws IOException {
        return new ObjectMapper().readTree(app().send("GET", path, null).body());
    }

    private Locator question() {
        return page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Question"));
    }

    private Locator said(String label) {
        return page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName(label));
    }

    @Test
    void twentyQuestionsByKeyboardAlone() throws IOException {
        go("/rehearse");
        link("Recall").first().click();
        assertThat(region("Progress")).containsText("due");
        choice("Who answers").selectOption("Ines Vael");
        assertThat(page.getByText("Nothing has been asked yet")).isVisible();
        choice("Dance").selectOption("waltz");
        page.getByLabel("Questions").fill("20");
        page.getByLabel("Questions").press("Enter");
        assertThat(said("What is due")).containsText("0 due");
        assertThat(button("Ask 10")).isEnabled();
        button("Ask 10").press("Enter");
        int keys = 0;
        int answers = 0;
        while (answers < 20) {
            assertThat(page.getByText(answers + " answered")).isVisible();
            if (question().count() == 0) break;
            page.keyboard().press(answers % 2 == 0 ? "1" : "2");
            assertThat(said("Verdict")).isVisible();
            page.keyboard().press("Enter");
            keys += 2;
            answers++;
            assertThat(page.getByText(answers + " answered")
                            .or(page.getByText(answers + " answers,"))
                            .first())
                    .isVisible();
            if (page.getByText("Done for now.").isVisible()) {
                page.keyboard().press("Tab");
                break;
            }
        }
        System.out.println(answers + " answers took " + keys + " keys.");
        Assertions.assertThat(answers).isGreaterThanOrEqualTo(10);
        JsonNode progress = get("/api/recall/progress?who="
                + get("/api/dancers?q=Ines%20Vael").at("/lines/0/id").asText());
        int kept = 0;
        for (JsonNode line : progress) kept += line.get("answers").asInt();
        Assertions.assertThat(kept).isEqualTo(answers);
        page.reload();
        String dance = progress.get(0).get("dance").asText();
        for (JsonNode one : get("/api/dances")) {
            if (!one.get("id").asText().equals(dance)) continue;
            assertThat(region("Progress").getByRole(AriaRole.TABLE))
                    .containsText(one.get("title").asText());
        }
    }

    @Test
    void anAnswerIsTypedAsItIsSpokenAndWhatCannotBeReadIsTold() {
        go("/recall");
        choice("Dance").selectOption("rumba");
        page.getByLabel("Amount of turn").check();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Type"))
                .click();
        button("Ask 10").click();
        field("Your answer").fill("nonsense");
        field("Your answer").press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("A turn must look like");
        field("Your answer").fill("one and a half right");
        field("Your answer").press("Enter");
        assertThat(said("Verdict")).isVisible();
        assertThat(link("in the chart")).hasAttribute("href", Pattern.compile("/figures/rumba.*row=\\d+&role="));
        page.keyboard().press("Enter");
        assertThat(page.getByText("1 answered")).isVisible();
    }

    @Test
    void anExaminationTellsNothingBeforeItsMarkSheet() {
        go("/recall");
        choice("Dance").selectOption("tango");
        page.getByLabel("Questions").fill("4");
        page.getByLabel("Questions").press("Enter");
        button("Mock examination").click();
        for (int nth = 1; nth <= 4; nth++) {
            assertThat(page.getByText("Question " + nth + " of 4")).isVisible();
            assertThat(page.getByText("Right.")).isHidden();
            page.keyboard().press(nth == 4 ? "0" : "1");
        }
        Locator sheet = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Mark sheet"));
        assertThat(sheet).containsText("of 4 right");
        assertThat(sheet.getByRole(AriaRole.TABLE).last().getByRole(AriaRole.ROW))
                .hasCount(5);
        assertThat(sheet).containsText("nothing");
    }
}
