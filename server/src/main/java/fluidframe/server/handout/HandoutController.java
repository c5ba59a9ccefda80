package fluidframe.server.handout;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sheets for paper: looked at as a page, and taken as a PDF. */
@RestController
@RequestMapping("/api/handouts")
class HandoutController {
    private final Handouts handouts;
    private final Printer printer;

    HandoutController(Handouts handouts, Printer printer) {
        this.handouts = handouts;
        this.printer = printer;
    }

    /** What is printed, to look at. */
    @GetMapping(value = "/{what}/{id}", produces = MediaType.TEXT_HTML_VALUE)
    String page(
            @PathVariable String what,
            @PathVariable String id,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "false") boolean large,
            @RequestParam(defaultValue = "") String roles,
            @RequestParam(defaultValue = "") String role,
            @RequestParam(defaultValue = "") String count,
            @RequestParam(defaultValue = "") String folded,
            @RequestParam(defaultValue = "") String with) {
        Wish wish = Wish.of(paper, large, roles, role, count, folded);
        return printer.page(handouts.sheet(what, id, with, wish), wish);
    }

    /** The same as a PDF. */
    @GetMapping(value = "/{what}/{id}/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            @PathVariable String what,
            @PathVariable String id,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "false") boolean large,
            @RequestParam(defaultValue = "") String roles,
            @RequestParam(defaultValue = "") String role,
            @RequestParam(defaultValue = "") String count,
            @RequestParam(defaultValue = "") String folded,
            @RequestParam(defaultValue = "") String with) {
        Wish wish = Wish.of(paper, large, roles, role, count, folded);
        Sheet sheet = handouts.sheet(what, id, with, wish);
        String name = (sheet.title() + ", " + sheet.what())
                        .replaceAll("[^\\p{L}\\p{N} ,.'-]+", " ")
                        .strip() + ".pdf";
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name, java.nio.charset.StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(printer.pdf(sheet, wish));
    }
}
