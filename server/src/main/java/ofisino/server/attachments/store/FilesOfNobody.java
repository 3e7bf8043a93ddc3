package ofisino.server.attachments.store;

import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Clears files away that belong to no photo or receipt: taken back, or kept by a request that was refused after all. */
@Component
record FilesOfNobody(AttachmentMapper mapper, FileStore files) {
    /** So long a photo that was taken away can still be brought back by hand. */
    static final int KEPT_DAYS = 90;

    @Scheduled(initialDelay = 20, fixedDelay = 24 * 60, timeUnit = TimeUnit.MINUTES)
    void clear() {
        files.clear(Set.copyOf(mapper.hashes()), KEPT_DAYS);
    }
}
