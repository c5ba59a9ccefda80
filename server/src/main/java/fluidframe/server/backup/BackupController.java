package fluidframe.server.backup;

import fluidframe.server.access.OpenTo;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Backups of the whole studio. */
@RestController
@OpenTo
@RequestMapping("/api/backups")
class BackupController {
    private static final String ZIP = "application/zip";

    private final Backups backups;

    BackupController(Backups backups) {
        this.backups = backups;
    }

    /** The newest first. */
    @GetMapping
    BackupView.All all() {
        return backups.all();
    }

    /** Makes one now. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BackupView make() {
        return backups.make();
    }

    @GetMapping(value = "/{name}/file", produces = ZIP)
    ResponseEntity<Resource> file(@PathVariable String name) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(backups.file(name)));
    }

    /** Takes one in from elsewhere, as the others; nothing of it is restored. */
    @PostMapping(value = "/file", consumes = ZIP)
    @ResponseStatus(HttpStatus.CREATED)
    BackupView bring(HttpServletRequest request) throws IOException {
        return backups.bring(request.getInputStream());
    }

    @DeleteMapping("/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String name) {
        backups.delete(name);
    }

    /** What it holds against what is here. */
    @GetMapping("/{name}/contents")
    BackupView.Contents contents(@PathVariable String name) {
        return backups.contents(name);
    }

    /** Puts everything back as it has it; what is here now is backed up first. */
    @PostMapping("/{name}/restore")
    BackupView.Done restore(@PathVariable String name) {
        return backups.restore(name);
    }
}
