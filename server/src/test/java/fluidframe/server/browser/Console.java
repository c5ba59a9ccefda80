package fluidframe.server.browser;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;

/** What a page writes to the console and throws, with the address it was at. */
final class Console {
    private final List<String> lines = new ArrayList<>();

    private Console() {}

    /** @param refusals whether answers other than success, which the browser writes there by itself, are listened to as well */
    static Console of(Page page, boolean refusals) {
        Console console = new Console();
        page.onConsoleMessage(message -> {
            if (!refusals && message.text().startsWith("Failed to load resource")) return;
            console.lines.add(page.url() + " " + message.type() + ": " + message.text());
        });
        page.onPageError(error -> console.lines.add(page.url() + " threw " + error));
        return console;
    }

    List<String> lines() {
        return List.copyOf(lines);
    }
}
