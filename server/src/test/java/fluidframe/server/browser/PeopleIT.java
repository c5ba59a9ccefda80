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

/** People, lessons, and what was seen, in the page. */
class PeopleIT extends BrowserTest {
    private static final String LINE = "What was seen, taught or promised";

    private JsonNode get(String path) throws IOException {
        return new ObjectMapper().readTree(app().send("GET", path, null).body());
    }

    private void jot(String line) {
        field(LINE).fill(line);
        assertThat(button("Keep")).isEnabled();
        field(LINE).press("Enter");
        assertThat(field(LINE)).hasValue("");
    }

    private Locator tab(String name) {
        return page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
    }

    private Locator status(String text) {
        return page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText(text));
    }

    private void newCouple(String lady, String man) {
        go("/people");
        button("New couple").click();
        page.getByLabel("Who dances lady").fill(lady);
        page.getByLabel("Who dances man").fill(man);
        button("Begin").click();
        assertThat(page.getByText("Nothing seen yet")).isVisible();
    }

    @Test
    void aLessonFromItsPlanToTheSummaryWithThreeFaults() {
        go("/");
        assertThat(region("Coming events")).containsText("in 19 days");
        region("Lessons today")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Ines and Tobin"))
                .click();
        button("Propose a plan").click();
        assertThat(page.getByText("45 of 45 minutes")).isVisible();
        Locator plan = region("Plan");
        assertThat(plan).containsText("promised last time: the Tipple Chasse to Right to music");
        assertThat(plan).containsText("has changed since: bar 21");
        Locator parts = plan.getByRole(AriaRole.LISTITEM);
        int before = parts.count();
        plan.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions()
                                .setName(Pattern.compile("^A minute more: To music, Tipple Chasse to Right$")))
                .first()
                .click();
        assertThat(page.getByText("45 of 45 minutes")).isVisible();
        plan.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Leave out")))
                .nth(1)
                .click();
        assertThat(parts).hasCount(before - 1);
        assertThat(page.getByText("45 of 45 minutes")).isVisible();
        button("Undo").click();
        assertThat(parts).hasCount(before);
        button("Give the lesson").click();
        button("Start the clock").click();
        assertThat(page.getByRole(AriaRole.TIMER)).containsText(Pattern.compile("\\d+:\\d\\d"));
        button("Done").click();
        jot("whisk 2 lady late, back first");
        jot("natural spin turn 5 lady heel early, wait for the knee");
        jot("whisk 3 man sways too early because he leans, stand tall");
        assertThat(page.getByLabel("Seen in this lesson").getByRole(AriaRole.LISTITEM))
                .hasCount(3);
        jot("next time: the whisk to music");
        button("The lesson is over").click();
        link("Summary to take away").click();
        Locator summary = page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Summary"));
        assertThat(summary).containsText("“wait for the knee”");
        assertThat(summary).containsText("because he leans");
        assertThat(summary).containsText("the whisk to music");
        assertThat(summary).containsText("to music (");
        go("/people/ines-and-tobin");
        assertThat(region("Next lesson")).containsText("Promised: the whisk to music");
    }

    @Test
    void aFaultLoggedOnTheStageIsHeatOnTheRibbon() {
        go("/rehearse?routine=formal-evening-waltz&whom=oda-and-piet");
        assertThat(page.getByLabel("For whom")).hasValue("Oda and Piet");
        page.keyboard().press("x");
        field("What was seen").fill("steps on his foot");
        button("Keep").click();
        assertThat(status("Kept: steps on his foot")).isVisible();
        go("/people/oda-and-piet");
        tab("Weak places").click();
        Locator ribbon = page.getByLabel("Heat on the ribbon").getByRole(AriaRole.BUTTON);
        ribbon.first().click();
        assertThat(ribbon.first()).containsText("run");
        assertThat(region("Rows")).containsText("with a fault");
        tab("Log").click();
        assertThat(page.getByLabel("Log").getByRole(AriaRole.LISTITEM).first()).containsText("steps on his foot");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Take out: .*steps on his foot")))
                .click();
        assertThat(page.getByText("steps on his foot")).hasCount(0);
    }

    @Test
    void whatIsNotSureIsAskedAndNothingIsKeptBefore() throws IOException {
        newCouple("Runa Selt", "Aldo Finch");
        field(LINE).fill("natural turn 5 heel early");
        assertThat(page.getByText("Say whose it was")).isVisible();
        assertThat(button("Keep")).isDisabled();
        Locator understood = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("As understood"));
        choice("What").selectOption("foxtrot.natural-turn");
        understood
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Lady"))
                .click();
        assertThat(button("Keep")).isEnabled();
        button("Keep").click();
        assertThat(status("Kept: Natural Turn, heel early.")).isVisible();
        assertThat(region("Faults over time")).containsText("lady, step 5, Natural Turn");
        button("Take back").click();
        assertThat(status("Taken back.")).isVisible();
        assertThat(region("Faults over time")).hasCount(0);
        field(LINE).fill("zzz");
        assertThat(page.getByText("Say which figure or routine it was")).isVisible();
        field(LINE).press("Enter");
        String id = page.url().replaceFirst(".*/", "");
        Assertions.assertThat(get("/api/records/" + id + "/log").get("lines")).isEmpty();
    }

    @Test
    void whatIsPutRightInTheLogIsWorkedOnAtItsRowWithTheDrillAgainstIt() {
        newCouple("Sela Quain", "Oskar Timm");
        jot("waltz natural spin turn 3 lady heel early 3 of 4, wait");
        tab("Log").click();
        Locator log = page.getByLabel("Log").getByRole(AriaRole.LISTITEM);
        assertThat(log).hasCount(4);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Put right: .*heel early")))
                .first()
                .click();
        page.getByLabel("Step").fill("5");
        page.getByLabel("Bars a minute").fill("28");
        page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName(Pattern.compile("^Put right")))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep"))
                .click();
        assertThat(log.filter(new Locator.FilterOptions().setHasText("step 5"))).containsText("at 28");
        tab("Where they are").click();
        link("Begin one").click();
        button("Begin").click();
        cell("Another figure").fill("natural spin turn");
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("waltz"))
                .first()
                .click();
        button("Propose a plan").click();
        Locator plan = region("Plan");
        assertThat(plan).containsText("heel early (lady, step 3, 2 of 4 runs): wait");
        Locator drill = plan.getByRole(
                AriaRole.LINK, new Locator.GetByRoleOptions().setName("Drill: Heel down against resistance"));
        assertThat(drill).hasCount(1);
        plan.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("step 3"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Natural Spin Turn"))
                .click();
        assertThat(cell("Lady 3 placement")).isFocused();
        page.goBack();
        drill.click();
        assertThat(page.getByLabel("Against")).hasValue(Pattern.compile("heel early"));
    }

    @Test
    void aLineFromTheDeskIsAboutWhatIsOnIt() {
        go("/figures/waltz.whisk");
        assertThat(cell("Man 1 footwork")).isVisible();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1))
                .click();
        page.keyboard().press("j");
        assertThat(field(LINE)).isFocused();
        field(LINE).fill("yuna bastien 3 lady looks down, look past him");
        assertThat(page.getByLabel("As understood")).containsText("Whisk, Waltz");
        field(LINE).press("Enter");
        assertThat(status("Kept: Whisk, looks down.")).isVisible();
        page.keyboard().press("Escape");
        go("/people/yuna-and-bastien");
        tab("Log").click();
        Locator last = page.getByLabel("Log").getByRole(AriaRole.LISTITEM).first();
        assertThat(last).containsText("looks down");
        assertThat(last).containsText("step 3");
    }

    @Test
    void aTaughtVersionIsHeldAgainstTheRoutineAsItIsNow() {
        go("/people/mirela-and-joost");
        Locator taught = region("Taught");
        assertThat(taught).containsText("Showcase, rumba");
        assertThat(taught.getByText("has changed since")).hasCount(0);
        go("/routines/showcase-rumba");
        assertThat(figures().first()).isVisible();
        int figures = figures().count();
        figures().last().click();
        page.keyboard().press("Delete");
        assertThat(figures()).hasCount(figures - 1);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("People").setExact(true))
                .click();
        link("Mirela and Joost").click();
        taught.getByText("has changed since, in 1 place").click();
        assertThat(taught.getByRole(AriaRole.TABLE)).containsText("nothing");
        taught.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("They know it as it stands now"))
                .click();
        assertThat(taught.getByText("has changed since")).hasCount(0);
    }

    @Test
    void aPersonIsWrittenOutAndForgotten() throws IOException {
        newCouple("Tilda Marr", "Egon Prew");
        jot("waltz whisk 2 lady late");
        tab("About").click();
        region("Who dances what").getByRole(AriaRole.LINK).first().click();
        assertThat(field("Name")).hasValue(Pattern.compile("Tilda Marr|Egon Prew"));
        go("/people?of=dancers");
        link("Tilda Marr").click();
        Assertions.assertThat(
                        page.waitForDownload(() -> link("Write everything out").click())
                                .suggestedFilename())
                .isEqualTo("person.yaml");
        button("Forget this person …").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Tilda and Egon goes on as Egon Prew alone");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Forget for good"))
                .click();
        assertThat(link("Ines Vael")).isVisible();
        assertThat(link("Tilda Marr")).hasCount(0);
        go("/people");
        link("Egon Prew").click();
        assertThat(page.getByText("Nothing seen yet")).isVisible();
        Assertions.assertThat(get("/api/dancers?q=tilda").get("total").asInt()).isZero();
    }

    @Test
    void aClassHasMembersOfWhomSomeDanceEitherRole() {
        go("/people?of=groups");
        field("Name of a new group").fill("Morning class");
        button("Begin").click();
        tab("About").click();
        for (String name : new String[] {"Ada Quay", "Ines Vael"}) {
            page.getByLabel("A new member").fill(name);
            region("Members")
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add"))
                    .click();
            assertThat(region("Members").getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name)))
                    .isVisible();
        }
        page.getByLabel("A new member").fill("Ada Quay");
        region("Members")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add"))
                .click();
        assertThat(page.getByText("Ada Quay is in the group already.")).isVisible();
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Role of Ada Quay"))
                .getByText("Man")
                .click();
        assertThat(page.getByText("Kept.")).isVisible();
        go("/people?of=groups");
        assertThat(page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Morning class")))
                .containsText("2 in all: 1 man, 1 lady");
    }

    @Test
    void aDrillIsChangedAndAPracticeLoopBecomesOne() {
        go("/drills");
        assertThat(page.getByLabel("Drills", new Page.GetByLabelOptions().setExact(true))
                        .getByRole(AriaRole.LISTITEM))
                .hasCount(60);
        link("Bounce kept small").click();
        assertThat(page.getByLabel("Cautions")).hasValue(Pattern.compile("Pain is a signal to stop"));
        field("Count").fill("1 a 2 a 3 a 4");
        assertThat(page.getByText("Kept.")).isVisible();
        page.reload();
        assertThat(field("Count")).hasValue("1 a 2 a 3 a 4");
        go("/drills?of=cards");
        assertThat(page.getByLabel("Set-up cards", new Page.GetByLabelOptions().setExact(true))
                        .getByRole(AriaRole.LISTITEM))
                .hasCount(18);
    }
}
