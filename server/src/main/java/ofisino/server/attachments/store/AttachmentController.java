package ofisino.server.attachments.store;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.NotFound;
import ofisino.server.attachments.Subject;
import ofisino.server.attachments.intake.TakenIn;
import ofisino.server.attachments.store.AttachmentMapper.AttachmentRow;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles
@RequestMapping("/api/attachments")
record AttachmentController(AttachmentService service) {
    /**
     * The body is the file itself.
     *
     * @param fileName what the sender calls it; shown, never used to find it
     * @param takenAt  by the camera's clock, where the sender made the photo smaller and with that took it out of the file
     */
    @PostMapping(
            consumes = {
                MediaType.IMAGE_JPEG_VALUE,
                MediaType.IMAGE_PNG_VALUE,
                "image/*",
                MediaType.APPLICATION_PDF_VALUE,
                MediaType.APPLICATION_OCTET_STREAM_VALUE
            })
    @ResponseStatus(HttpStatus.CREATED)
    AttachmentRow add(
            Caller caller,
            @RequestParam UUID id,
            @RequestParam Subject subject,
            @RequestParam UUID subjectId,
            @RequestParam(defaultValue = "") String fileName,
            @RequestParam(required = false) @Nullable LocalDateTime takenAt,
            TakenIn file) {
        return service.add(caller, id, fileName, takenAt, file, subject, subjectId);
    }

    @GetMapping
    List<AttachmentRow> of(Caller caller, @RequestParam Subject subject, @RequestParam UUID subjectId) {
        return service.of(caller, subject, subjectId);
    }

    @GetMapping("/{id}/file")
    ResponseEntity<Resource> file(Caller caller, @PathVariable UUID id) {
        AttachmentRow row = service.find(caller, id);
        return content(row, MediaType.parseMediaType(row.mediaType()), service.file(row));
    }

    @GetMapping("/{id}/thumbnail")
    ResponseEntity<Resource> thumbnail(Caller caller, @PathVariable UUID id) {
        AttachmentRow row = service.find(caller, id);
        if (row.width() == null) throw new NotFound("thumbnail", id);
        return content(row, MediaType.IMAGE_JPEG, service.thumbnail(row));
    }

    /** The browser may keep it but asks each time whether it may still show it: after signing out it may not. */
    private static ResponseEntity<Resource> content(AttachmentRow row, MediaType type, Path path) {
        return ResponseEntity.ok()
                .contentType(type)
                .cacheControl(CacheControl.noCache().cachePrivate())
                .eTag(row.sha256())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(row.fileName(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(new FileSystemResource(path));
    }
}
