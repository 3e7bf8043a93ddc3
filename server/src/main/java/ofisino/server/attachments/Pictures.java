package ofisino.server.attachments;

import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import ofisino.server.identity.Caller;

/** The door to photos: to show them where there is no one signed in. */
public interface Pictures {
    List<UUID> picturesOf(Caller caller, Subject subject, UUID subjectId);

    /** @throws ofisino.core.kernel.NotFound when it is no picture of this subject */
    Picture require(Caller caller, Subject subject, UUID subjectId, UUID pictureId);

    record Picture(String mediaType, Path file) {}
}
