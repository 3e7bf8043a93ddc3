package ofisino.server.attachments.store;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import ofisino.server.attachments.Subject;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

@Mapper
interface AttachmentMapper {
    void insert(UUID garageId, AttachmentRow attachment);

    void link(UUID garageId, UUID attachmentId, Subject subject, UUID subjectId);

    Optional<AttachmentRow> find(UUID garageId, UUID id);

    List<AttachmentRow> of(UUID garageId, Subject subject, UUID subjectId);

    /** Of the files of all garages. */
    List<String> hashes();

    record AttachmentRow(
            UUID id,
            String mediaType,
            String fileName,
            @JsonIgnore String sha256,
            long bytes,
            @Nullable Integer width,
            @Nullable Integer height,
            @Nullable Instant takenAt) {}
}
