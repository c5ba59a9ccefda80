package fluidframe.server.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class RoutineDeskIT extends BrowserTest {
    /** How long a finger rests before it drags and before it lets go: a part of the gesture. */
    private static final int RESTS_MILLISECONDS = 400;

    private void begin(String name) {
        go("/routines");
        page.getByLabel("Name of a new routine").fill(name);
        button("Begin").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText(name);
    }

    private Locator follow(String figure) {
        return region("What can follow")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + figure)));
    }

    @Test
    void buildsEightBarsFromWhatCanFollowAndNothingBreaks() {
        begin("Eight bars");
        String[] figures = {
            "Natural Turn bronze",
            "Closed Change on RF",
            "Reverse Turn customary",
            "Whisk",
            "Chasse from Promenade",
            "Closed Change on RF"
        };
        for (int i = 0; i < figures.length; i++) {
            follow(figures[i]).first().click();
            assertThat(figures()).hasCount(i + 1);
        }
        assertThat(page.getByText("all hold")).isVisible();
        assertThat(page.getByRole(AriaRole.BANNER)
                        .or(page.locator("header"))
                        .filter(new Locator.FilterOptions().setHasText("Eight bars")))
                .containsText("8");
        assertThat(page.getByRole(AriaRole.STATUS).first()).hasText("Kept.");
        restartServer();
        go(java.net.URI.create(page.url()).getPath());
        assertThat(figures()).hasCount(6);
        assertThat(page.getByText("all hold")).isVisible();
    }

    @Test
    void forcesABadJoinReadsItsReasonAndRepairsIt() {
        begin("By force");
        follow("Natural Turn bronze").click();
        button("Any figure, whether it joins or not").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Reverse Turn").setExact(true))
                .click();
        assertThat(page.getByText("1 not possible")).isVisible();
        assertThat(region("Join")).containsText("The man's RF is free and the figure begins with the LF.");
        region("Join")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Closed Change on RF"))
                .click();
        assertThat(figures()).hasCount(3);
        assertThat(page.getByText("all hold")).isVisible();
        page.keyboard().press("Control+z");
        assertThat(page.getByText("1 not possible")).isVisible();
    }

    @Test
    void takesTheCornerThatMakesAJoinPossible() {
        begin("Corner");
        follow("Natural Turn bronze").click();
        follow("Natural Turn if you take the corner here").click();
        assertThat(page.getByText("all hold")).isVisible();
        assertThat(figures().nth(1)).containsText("corner");
        figures().nth(1).press("c");
        assertThat(region("Join")).containsText("Possible if");
    }

    @Test
    void movesAndRemovesByKeyboardAndByMouse() {
        begin("Moves");
        follow("Natural Turn bronze").click();
        follow("Closed Change on RF").click();
        follow("Reverse Turn customary").click();
        assertThat(figures()).hasCount(3);
        figures().nth(2).press("Alt+ArrowLeft");
        assertThat(figures().nth(1)).containsText("Reverse Turn");
        page.keyboard().press("Control+z");
        assertThat(figures().nth(1)).containsText("Closed Change");
        figures().nth(2).dragTo(figures().nth(0));
        assertThat(figures().nth(0)).containsText("Reverse Turn");
        figures().nth(0).press("Delete");
        assertThat(figures()).hasCount(2);
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(page.getByText("all hold")).isVisible();
    }

    @Test
    void showsThePuzzlesFourFaultsWithTheirReasons() {
        go("/routines");
        link("Thursday puzzle").click();
        assertThat(page.getByText("4 not possible")).isVisible();
        String[] reasons = {
            "free and the figure begins", "begins in promenade position", "begins facing DC", "The music is on beat 3"
        };
        for (String reason : reasons) {
            button("Next broken join ›").click();
            assertThat(region("Join")).containsText(reason);
        }
    }

    @Test
    void aFingerThatRestsOnAFigureCarriesItElsewhere() {
        openTouchScreen();
        go("/routines");
        link("Thursday puzzle").click();
        String carried = figures().nth(2).getAttribute("aria-label").replaceAll("^\\d+: |,.*", "");
        BoundingBox from = figures().nth(2).boundingBox();
        BoundingBox to = figures().nth(0).boundingBox();
        CDPSession finger = page.context().newCDPSession(page);
        touch(finger, "touchStart", from);
        page.waitForTimeout(RESTS_MILLISECONDS);
        for (int part = 1; part <= 5; part++) {
            touch(finger, "touchMove", between(from, to, part / 5.0));
        }
        assertThat(page.locator(".dnd-poly-drag-image")).isVisible();
        page.waitForTimeout(RESTS_MILLISECONDS);
        touch(finger, "touchEnd", null);
        assertThat(figures().nth(0)).containsText(carried);
    }

    private static BoundingBox between(BoundingBox from, BoundingBox to, double share) {
        BoundingBox box = new BoundingBox();
        box.x = from.x + (to.x - from.x) * share;
        box.y = from.y;
        box.width = from.width + (to.width - from.width) * share;
        box.height = from.height;
        return box;
    }

    private static void touch(CDPSession finger, String type, BoundingBox at) {
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        JsonArray points = new JsonArray();
        if (at != null) {
            JsonObject point = new JsonObject();
            point.addProperty("x", at.x + at.width / 2);
            point.addProperty("y", at.y + at.height / 2);
            points.add(point);
        }
        event.add("touchPoints", points);
        finger.send("Input.dispatchTouchEvent", event);
    }
}
