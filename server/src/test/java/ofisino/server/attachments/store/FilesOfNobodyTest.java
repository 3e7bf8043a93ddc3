package ofisino.server.attachments.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestGarage;
import ofisino.server.testing.TestPictures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestApplication.class)
class FilesOfNobodyTest {
    @Test
    void onlyOldFilesThatBelongToNothingAreCleared(TestGarage garage) throws IOException {
        UUID finding = garage.finding(garage.project(), "bonnet", "DENT");
        garage.owner()
                .upload("FINDING", finding, "a.png", TestPictures.png(31, 7))
                .ok();
        Path kept = garage.running()
                .bean(FileStore.class)
                .path(garage.running()
                        .sql()
                        .queryForObject(
                                "select sha256 from attachment where garage_id = ?", String.class, garage.id()));
        Path old = Files.writeString(kept.resolveSibling("0".repeat(64)), "old");
        Path young = Files.writeString(kept.resolveSibling("1".repeat(64)), "young");
        FileTime longAgo = FileTime.from(Instant.now().minus(Duration.ofDays(FilesOfNobody.KEPT_DAYS + 1)));
        Files.setLastModifiedTime(old, longAgo);
        Files.setLastModifiedTime(kept, longAgo);
        garage.running().bean(FilesOfNobody.class).clear();
        assertThat(old).doesNotExist();
        assertThat(young).exists();
        assertThat(kept).exists();
    }
}
