package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;

/** Whole jobs of a coach, with how many keys and clicks each takes. */
abstract class CountedTest extends BrowserTest {
    private int actions;

    @BeforeEach
    protected void countAnew() {
        actions = 0;
    }

    protected void click(Locator at) {
        at.click();
        actions++;
    }

    protected void press(String key) {
        page.keyboard().press(key);
        actions++;
    }

    protected void type(Locator field, String text) {
        field.fill(text);
        actions += 1 + text.length();
    }

    /** A click on the list and one on what is chosen. */
    protected void choose(Locator list, String what) {
        list.selectOption(what);
        actions += 2;
    }

    protected void assertAtMost(String job, int most) {
        System.out.println(job + " took " + actions + " keys and clicks.");
        Assertions.assertThat(actions).as(job).isLessThanOrEqualTo(most);
    }

    protected void begin(String dance, String name) {
        go("/routines");
        click(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Dances"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(dance).setExact(true)));
        type(page.getByLabel("Name of a new routine"), name);
        press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText(name);
    }

    protected Locator follow(String pattern) {
        return region("What can follow")
                .getByRole(AriaRole.LISTITEM)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(pattern)));
    }

    protected void dance(String pattern, int count) {
        click(follow(pattern).first());
        assertThat(figures()).hasCount(count);
    }

    protected Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    protected Locator inDialog(String label) {
        return dialog().getByRole(AriaRole.COMBOBOX, new Locator.GetByRoleOptions().setName(label));
    }

    protected void compose() {
        click(dialog().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Compose").setExact(true)));
    }

    protected void take(int proposal) {
        click(dialog().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take proposal " + proposal)));
    }
}
