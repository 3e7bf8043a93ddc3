package ofisino.server.exchange.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import ofisino.server.history.ChangesNothing;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api/backup")
record BackupController(BackupService service) {
    /**
     * @param folder       where daily backups go; absent where nobody makes any
     * @param latestAt     when the last one was finished; absent for none
     * @param overdue      whether it is too old to rely on
     * @param sameDisk     whether the disk that holds the garage holds the backups too
     * @param sealed       whether they open with a key only
     * @param lost     photos and receipts that the last backup did not find, or not whole
     * @param failure      why the last try came to nothing
     */
    record BackupResponse(
            @Nullable String folder,
            @Nullable Instant latestAt,
            boolean overdue,
            boolean sameDisk,
            boolean sealed,
            int lost,
            @Nullable String failure) {
        static BackupResponse none() {
            return new BackupResponse(null, null, true, false, false, 0, null);
        }
    }

    @GetMapping
    BackupResponse state() throws IOException {
        return service.state();
    }

    record ArchiveResponse(String name, long bytes) {}

    /** Makes an archive of everything and leaves it to be fetched; that may take a while. */
    @PostMapping("/archives")
    @ChangesNothing
    ArchiveResponse make() throws IOException {
        Path file = service.make();
        return new ArchiveResponse(file.getFileName().toString(), Files.size(file));
    }

    @GetMapping("/archives/{name}")
    ResponseEntity<Resource> fetch(@PathVariable String name) throws IOException {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(service.made(name)));
    }
}
