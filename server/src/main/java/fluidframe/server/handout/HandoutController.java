package fluidframe.server.handout;

import fluidframe.server.access.OpenTo;
import fluidframe.server.access.Visitor;
import java.nio.charset.StandardCharsets;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.lang.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sheets for paper: looked at as a page, and taken as a PDF. */
@RestController
@OpenTo(reading = Visitor.DEVICE, of = "{what}")
@RequestMapping("/api/handouts")
class HandoutController {
    /**
     * How a sheet is wanted; what is not said is as usual.
     *
     * @param paper A4 or Letter
     * @param large whether in large print
     * @param roles leader-follower, or anything else for man and lady
     * @param role whose part
     * @param count in which language it is counted
     * @param folded layers that are left out, with commas between
     * @param detail how much of the remarks: first lesson, settled or, if it is not said, advanced
     * @param with of what else: the other figure of a comparison, the event of a report, the list of a syllabus
     */
    record Asked(
            @Nullable String paper,
            @Nullable Boolean large,
            @Nullable String roles,
            @Nullable String role,
            @Nullable String count,
            @Nullable String folded,
            @Nullable String detail,
            @Nullable String with) {
        private static String said(@Nullable String words) {
            return words == null ? "" : words;
        }

        Wish wish() {
            return Wish.of(
                    said(paper),
                    Boolean.TRUE.equals(large),
                    said(roles),
                    said(role),
                    said(count),
                    said(folded),
                    said(detail));
        }
    }

    private final Handouts handouts;
    private final Printer printer;

    HandoutController(Handouts handouts, Printer printer) {
        this.handouts = handouts;
        this.printer = printer;
    }

    /** What is printed, to look at. */
    @GetMapping(value = "/{what}/{id}", produces = MediaType.TEXT_HTML_VALUE)
    String page(@PathVariable String what, @PathVariable String id, @ParameterObject Asked asked) {
        Wish wish = asked.wish();
        return printer.page(handouts.sheet(what, id, Asked.said(asked.with()), wish), wish);
    }

    /** The same as a PDF. */
    @GetMapping(value = "/{what}/{id}/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable String what, @PathVariable String id, @ParameterObject Asked asked) {
        Wish wish = asked.wish();
        Sheet sheet = handouts.sheet(what, id, Asked.said(asked.with()), wish);
        String name = (sheet.title() + ", " + sheet.what())
                        .replaceAll("[^\\p{L}\\p{N} ,.'-]+", " ")
                        .strip() + ".pdf";
        ContentDisposition inline = ContentDisposition.inline()
                .filename(name, StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, inline.toString())
                .body(printer.pdf(sheet, wish));
    }
}
