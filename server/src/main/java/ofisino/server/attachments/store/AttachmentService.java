package ofisino.server.attachments.store;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ofisino.core.kernel.NotFound;
import ofisino.server.attachments.Pictures;
import ofisino.server.attachments.Subject;
import ofisino.server.attachments.intake.TakenIn;
import ofisino.server.attachments.store.AttachmentMapper.AttachmentRow;
import ofisino.server.db.Stored;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Garages;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Photos and receipts, and what they belong to. */
@Service
record AttachmentService(AttachmentMapper mapper, FileStore files, Garages garages) implements Pictures {
    AttachmentRow add(
            Caller caller,
            UUID id,
            String fileName,
            @Nullable LocalDateTime saidTakenAt,
            TakenIn taken,
            Subject subject,
            UUID subjectId) {
        var kept = files.keep(taken.content(), taken.picture().map(TakenIn.Picture::thumbnail));
        var row = new AttachmentRow(
                id,
                taken.mediaType(),
                shortName(fileName),
                kept.sha256(),
                kept.bytes(),
                taken.picture().map(TakenIn.Picture::width).orElse(null),
                taken.picture().map(TakenIn.Picture::height).orElse(null),
                taken.picture()
                        .flatMap(picture -> picture.takenAt()
                                .or(() -> Optional.ofNullable(saidTakenAt)
                                        .filter(AttachmentService::inTheAgeOfCameras)
                                        .map(at ->
                                                at.atZone(garages.zone(caller)).toInstant())))
                        .orElse(null));
        mapper.insert(caller.garageId(), row);
        mapper.link(caller.garageId(), id, subject, subjectId);
        return row;
    }

    private static boolean inTheAgeOfCameras(LocalDateTime at) {
        return at.getYear() >= 1900 && at.getYear() < 2200;
    }

    private static String shortName(String fileName) {
        String name = fileName == null
                ? ""
                : fileName.replaceAll("[\\p{Cntrl}\\p{Cf}/\\\\]", "").strip();
        return name.length() > 200 ? name.substring(name.length() - 200) : name;
    }

    List<AttachmentRow> of(Caller caller, Subject subject, UUID subjectId) {
        return mapper.of(caller.garageId(), subject, subjectId);
    }

    AttachmentRow find(Caller caller, UUID id) {
        return Stored.require(mapper.find(caller.garageId(), id), "photo or receipt", id);
    }

    java.nio.file.Path file(AttachmentRow row) {
        return files.path(row.sha256());
    }

    java.nio.file.Path thumbnail(AttachmentRow row) {
        return files.thumbnail(row.sha256());
    }

    @Override
    public List<UUID> picturesOf(Caller caller, Subject subject, UUID subjectId) {
        return pictures(caller, subject, subjectId).map(AttachmentRow::id).toList();
    }

    @Override
    public Picture require(Caller caller, Subject subject, UUID subjectId, UUID pictureId) {
        return pictures(caller, subject, subjectId)
                .filter(p -> p.id().equals(pictureId))
                .map(p -> new Picture(p.mediaType(), file(p)))
                .findFirst()
                .orElseThrow(() -> new NotFound("photo", pictureId));
    }

    private Stream<AttachmentRow> pictures(Caller caller, Subject subject, UUID subjectId) {
        return of(caller, subject, subjectId).stream().filter(a -> a.width() != null);
    }
}
