package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A routine composed from a plan, taken and taken back; and a plan that cannot be met. */
class PlanIT extends BrowserTest {
    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    private void openPlan() {
        go("/routines");
        link("New opening").click();
        button("Compose").click();
        assertThat(dialog().getByLabel("Bars")).isFocused();
    }

    private void compose() {
        dialog().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Compose").setExact(true))
                .click();
    }

    @Test
    void composesTakesAndTakesBack() {
        openPlan();
        dialog().getByLabel("Bars").fill("12");
        dialog().getByLabel("must have").selectOption("Wing");
        dialog().getByLabel("not too often").selectOption("Natural Turn");
        compose();
        assertThat(dialog().getByText(Pattern.compile("[0-9,]+ routines meet this")))
                .isVisible();
        dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take proposal 1"))
                .click();
        assertThat(page.getByText("all hold")).isVisible();
        assertThat(figures().filter(new Locator.FilterOptions().setHasText("Wing")))
                .isVisible();
        button("Undo").click();
        assertThat(figures()).hasCount(2);
    }

    @Test
    void saysWhatCannotBeHadTogether() {
        openPlan();
        dialog().getByLabel("Bars").fill("1");
        dialog().getByLabel("must have").selectOption("Natural Turn");
        compose();
        assertThat(dialog().getByText("Natural Turn must be danced")).isVisible();
        assertThat(dialog().getByText("it lasts 1 bar")).isVisible();
    }
}
