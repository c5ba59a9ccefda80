package fluidframe.server.export;

import fluidframe.server.access.OpenTo;
import fluidframe.server.store.Kind;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Files to take away: one address for every kind and format. */
@RestController
@OpenTo
@RequestMapping("/api/exports")
class ExportController {
    private final StudioExports exports;

    ExportController(StudioExports exports) {
        this.exports = exports;
    }

    /** In what something can be taken away. */
    @GetMapping("/{kind}/{id}")
    List<Offer> offers(@PathVariable String kind, @PathVariable String id) {
        return exports.offers(Kind.parse(kind), id);
    }

    @GetMapping(value = "/{kind}/{id}/{format}", produces = MediaType.ALL_VALUE)
    ResponseEntity<byte[]> file(@PathVariable String kind, @PathVariable String id, @PathVariable String format) {
        StudioExports.File file = exports.file(Kind.parse(kind), id, format);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(file.mediaType()))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file.name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(file.bytes());
    }
}
