package ofisino.server.attachments.store;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.NotFound;
import ofisino.server.attachments.Subject;
import ofisino.server.attachments.store.AttachmentMapper.AttachmentRow;
import ofisino.server.identity.Caller;
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
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/attachments")
class AttachmentController {
    private final AttachmentService service;

    AttachmentController(AttachmentService service) {
        this.service = service;
    }

    record AttachmentResponse(
            UUID id,
            String mediaType,
            String fileName,
            long bytes,
            @Nullable Integer width,
            @Nullable Integer height,
            @Nullable Instant takenAt) {
        static AttachmentResponse of(AttachmentRow row) {
            return new AttachmentResponse(
                    row.id(), row.mediaType(), row.fileName(), row.bytes(), row.width(), row.height(), row.takenAt());
        }
    }

    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    AttachmentResponse add(
            Caller caller,
            @RequestParam UUID id,
            @RequestParam Subject subject,
            @RequestParam UUID subjectId,
            @RequestPart MultipartFile file)
            throws IOException {
        return AttachmentResponse.of(
                service.add(caller, id, file.getOriginalFilename(), file.getBytes(), subject, subjectId));
    }

    @GetMapping
    List<AttachmentResponse> of(Caller caller, @RequestParam Subject subject, @RequestParam UUID subjectId) {
        return service.of(caller, subject, subjectId).stream()
                .map(AttachmentResponse::of)
                .toList();
    }

    @GetMapping("/{id}/file")
    ResponseEntity<Resource> file(Caller caller, @PathVariable UUID id) {
        AttachmentRow row = service.find(caller, id);
        return content(MediaType.parseMediaType(row.mediaType()), service.file(row), row.fileName());
    }

    @GetMapping("/{id}/thumbnail")
    ResponseEntity<Resource> thumbnail(Caller caller, @PathVariable UUID id) {
        AttachmentRow row = service.find(caller, id);
        if (row.width() == null) throw new NotFound("thumbnail", id);
        return content(MediaType.IMAGE_JPEG, service.thumbnail(row), row.fileName());
    }

    private static ResponseEntity<Resource> content(MediaType type, java.nio.file.Path path, String name) {
        return ResponseEntity.ok()
                .contentType(type)
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name, java.nio.charset.StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(new FileSystemResource(path));
    }
}
