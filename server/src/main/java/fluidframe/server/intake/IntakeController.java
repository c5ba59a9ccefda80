package fluidframe.server.intake;

import fluidframe.server.access.OpenTo;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Taking files in. No page of another site can send these types of bodies without being asked. */
@RestController
@OpenTo
@RequestMapping("/api/intake")
class IntakeController {
    private final Intake intake;

    IntakeController(Intake intake) {
        this.intake = intake;
    }

    /** Says what a file is and what it brings; nothing is kept. */
    @PostMapping(value = "/file", consumes = "application/octet-stream")
    IntakeView look(@RequestParam(defaultValue = "file") String name, @RequestBody(required = false) byte[] file) {
        return intake.look(name, file == null ? new byte[0] : file);
    }

    /** The same of a whole studio, which is put beside the backups. */
    @PostMapping(value = "/studio", consumes = "application/zip")
    IntakeView lookAtStudio(@RequestParam(defaultValue = "studio.zip") String name, HttpServletRequest request)
            throws IOException {
        return intake.lookAtStudio(name, request.getInputStream());
    }

    /** The same of a backup that is here. */
    @PostMapping("/backups/{name}")
    IntakeView lookAtBackup(@PathVariable String name) {
        return intake.lookAtBackup(name);
    }

    /** Takes what was chosen, all of it or nothing. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    IntakeView.Receipt take(@Valid @RequestBody IntakeView.Choice choice) {
        return intake.take(choice);
    }

    /** Takes it all back, if nothing of it has been changed since. */
    @PostMapping("/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undo(@Valid @RequestBody IntakeView.Receipt receipt) {
        intake.undo(receipt);
    }
}
