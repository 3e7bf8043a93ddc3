package ofisino.server.exchange.backup;

import static ofisino.server.testing.TestGarage.map;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import ofisino.server.testing.TestApplication;
import ofisino.server.testing.TestApplication.Running;
import ofisino.server.testing.TestDatabase;
import ofisino.server.testing.TestGarage;
import ofisino.server.testing.TestPictures;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** Nobody loses a garage: what is saved comes back as it was, and what is damaged is refused before anything is touched. */
@ExtendWith(TestApplication.class)
class BackupTest {
    private static final Instant NOW = Instant.parse("2026-11-27T09:00:00Z");

    @TempDir
    static Path folder;

    private static Running garage;
    private static Path saved;

    @BeforeAll
    static void saveAGarageThatWasWorkedIn(Running running, TestGarage worked) throws IOException {
        garage = running;
        UUID project = worked.project();
        UUID finding = worked.finding(project, "bonnet", "DENT");
        worked.decide(finding, "REPAIR");
        worked.owner()
                .upload("FINDING", finding, "bonnet.png", TestPictures.png(640, 480))
                .ok();
        saved = folder.resolve("garage.zip");
        assertThat(here().run("backup", saved.toString())).startsWith("Saved ");
    }

    /** The commands of one garage, as the launcher gives them. */
    private record Commands(TestDatabase database, Path data, Path backups) {
        String run(String... arguments) throws IOException {
            return new BackupCommand(access(), data, backups, Clock.fixed(NOW, ZoneOffset.UTC)).run(List.of(arguments));
        }

        GarageDatabase access() {
            return new GarageDatabase(database.url(), TestDatabase.USER, TestDatabase.PASSWORD, "");
        }

        Archive archive() {
            return new Archive(access(), data);
        }
    }

    private static Commands here() throws IOException {
        return new Commands(
                garage.database(), garage.data(), Files.createDirectories(folder.resolve("backups of the first")));
    }

    private static Commands elsewhere(String name) throws IOException {
        return new Commands(
                TestDatabase.create("restored"),
                Files.createDirectories(folder.resolve(name)),
                Files.createDirectories(folder.resolve("backups of " + name)));
    }

    private static Map<String, String> withoutSignIns(Map<String, String> sums) {
        var kept = new TreeMap<>(sums);
        kept.keySet().removeAll(List.of("spring_session", "spring_session_attributes", "pairing"));
        return kept;
    }

    private static List<String> filesOf(Path data) throws IOException {
        try (Stream<Path> all = Files.walk(data.resolve("files"))) {
            return all.filter(Files::isRegularFile)
                    .map(file -> {
                        try {
                            return data.relativize(file) + " " + Archive.sha256(Files.newInputStream(file));
                        } catch (IOException broken) {
                            throw new IllegalStateException(broken);
                        }
                    })
                    .sorted()
                    .toList();
        }
    }

    @Test
    void everyRowAndEveryPhotoComesBack() throws IOException {
        Commands there = elsewhere("another machine");
        assertThat(there.run("restore", saved.toString())).startsWith("Restored: ");
        assertThat(withoutSignIns(there.database().sums()))
                .hasSizeGreaterThan(60)
                .isEqualTo(withoutSignIns(garage.database().sums()));
        assertThat(there.database().sql().queryForObject("select count(*) from history", Long.class))
                .isPositive();
        assertThat(filesOf(there.data())).isNotEmpty().isSubsetOf(filesOf(garage.data()));
        assertThat(there.database().sql().queryForObject("select count(*) from spring_session", Long.class))
                .as("nobody is signed in by a backup")
                .isZero();
    }

    @Test
    void isForItsOwnersEyes() throws IOException {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(saved)))
                .isEqualTo("rw-------");
        assertThatThrownBy(() -> here().run("backup", saved.toString()))
                .isInstanceOf(BackupRefused.class)
                .hasMessageContaining("is there already");
    }

    @Test
    void aByteThatChangedAnywhereIsFound() throws IOException {
        byte[] whole = Files.readAllBytes(saved);
        Commands there = elsewhere("a byte changed");
        Map<String, String> before = there.database().sums();
        for (int share = 1; share < 20; share++) {
            byte[] damaged = whole.clone();
            damaged[whole.length / 20 * share] ^= 1;
            Path file = Files.write(folder.resolve("damaged.zip"), damaged);
            assertThatThrownBy(() -> there.run("restore", file.toString()))
                    .as("byte %d", whole.length / 20 * share)
                    .isInstanceOf(BackupRefused.class);
        }
        assertThat(there.database().sums()).as("nothing was touched").isEqualTo(before);
    }

    @Test
    void anArchiveThatWasCutOffIsRefused() throws IOException {
        byte[] whole = Files.readAllBytes(saved);
        for (int length : new int[] {0, 1, whole.length / 2, whole.length - 1}) {
            Path file = Files.write(folder.resolve("cut.zip"), Arrays.copyOf(whole, length));
            assertThatThrownBy(() -> elsewhere("cut").run("restore", file.toString()))
                    .as("%d bytes", length)
                    .isInstanceOf(BackupRefused.class);
        }
    }

    @Test
    void whatIsNotListedOrOfANewerProgramIsRefused() throws IOException {
        assertThatThrownBy(() -> elsewhere("slipped in").run("restore", with("files/../../etc/x", "x", "", "")))
                .hasMessageContaining("which it does not list");
        assertThatThrownBy(() -> elsewhere("newer").run("restore", with("", "", "\"schema\" : ", "\"schema\" : 9")))
                .hasMessageContaining("was made by a newer Ofisino (schema 9");
        assertThatThrownBy(() -> elsewhere("fewer").run("restore", with("", "", "\"garage\" : ", "\"garage\" : 1")))
                .as("a number more of some table")
                .hasMessageContaining("is not what went in");
    }

    /** The saved archive with one more entry, or with other words in its list of contents. */
    private static String with(String entry, String content, String words, String others) throws IOException {
        Path file = folder.resolve("changed.zip");
        try (var from = new ZipFile(saved.toFile());
                var to = new ZipOutputStream(Files.newOutputStream(file))) {
            for (ZipEntry each : from.stream().toArray(ZipEntry[]::new)) {
                byte[] bytes = from.getInputStream(each).readAllBytes();
                if (each.getName().equals(Manifest.NAME) && !words.isEmpty()) {
                    String manifest = new String(bytes);
                    int last = manifest.lastIndexOf(words);
                    bytes = (manifest.substring(0, last) + others + manifest.substring(last + words.length()))
                            .getBytes();
                }
                to.putNextEntry(new ZipEntry(each.getName()));
                to.write(bytes);
            }
            if (!entry.isEmpty()) {
                to.putNextEntry(new ZipEntry(entry));
                to.write(content.getBytes());
            }
        }
        return file.toString();
    }

    @Test
    void aGarageInUseIsNotReplacedUnasked() throws IOException {
        Commands there = elsewhere("in use");
        there.run("restore", saved.toString());
        there.database().sql().update("update finding set note = 'written since'");
        Map<String, String> before = there.database().sums();
        assertThatThrownBy(() -> there.run("restore", saved.toString())).hasMessageContaining("Add --yes");
        assertThat(there.database().sums()).isEqualTo(before);

        there.run("restore", saved.toString(), "--yes");
        assertThat(there.database().sql().queryForList("select distinct note from finding", String.class))
                .doesNotContain("written since");
        Path copy = there.backups().resolve("before-restore-2026-11-27-0900.zip");
        Commands third = elsewhere("the copy of what was replaced");
        third.run("restore", copy.toString());
        assertThat(withoutSignIns(third.database().sums())).isEqualTo(withoutSignIns(before));
    }

    @Test
    void aPhotoThatIsMissingOrRottenIsNamedAndNotSavedAsGood() throws IOException {
        Commands there = elsewhere("rotten");
        there.run("restore", saved.toString());
        Path photo = there.data()
                .resolve(filesOf(there.data()).stream()
                        .filter(file -> !file.contains(".thumb"))
                        .findFirst()
                        .orElseThrow()
                        .split(" ")[0]);
        Files.write(photo, new byte[] {1});
        Path file = folder.resolve("rotten.zip");
        assertThat(there.run("backup", file.toString())).contains("Not saved: 1 photos");
        assertThatThrownBy(() -> elsewhere("without it").run("restore", file.toString()))
                .hasMessageContaining("1 of its photos");
        assertThat(elsewhere("without it, knowingly").run("restore", file.toString(), "--incomplete"))
                .startsWith("Restored: ");
    }

    @Test
    @Tag("prove")
    void aPhotoThatRottedLaterComesFromTheFolderBesideTheBackups() throws IOException {
        Commands there = elsewhere("will rot");
        there.run("restore", saved.toString());
        var place = new BackupPlace(Files.createDirectories(folder.resolve("another disk")), "");
        place.makeDaily(
                there.archive(), there.data(), NOW, NOW.atZone(ZoneOffset.UTC).toLocalDate());
        List<String> whole = filesOf(there.data());
        for (String file : whole) {
            Path picture = there.data().resolve(file.split(" ")[0]);
            if (picture.toString().endsWith(".jpg")) continue;
            Files.delete(picture);
            Files.write(picture, new byte[] {1});
        }

        Instant tomorrow = NOW.plusSeconds(86_400);
        var day = tomorrow.atZone(ZoneOffset.UTC).toLocalDate();
        assertThat(place.makeDaily(there.archive(), there.data(), tomorrow, day)
                        .orElseThrow()
                        .lost())
                .as("found and said")
                .isNotEmpty();
        Commands again = elsewhere("from beside");
        again.run("restore", place.daily(day).get(0).toString());
        assertThat(filesOf(again.data())).isEqualTo(whole);
    }

    @Test
    @Tag("prove")
    void sevenDaysAreKeptWithEachPhotoOnce() throws IOException {
        Commands there = here();
        var place = new BackupPlace(Files.createDirectories(folder.resolve("daily")), "");
        Path wrongClock = Files.createFile(place.folder().resolve("daily-2036-01-01.zip"));
        for (int day = 1; day <= 9; day++) {
            Instant now = NOW.plusSeconds(86_400L * day);
            place.makeDaily(
                    there.archive(),
                    there.data(),
                    now,
                    now.atZone(ZoneOffset.UTC).toLocalDate());
            place.makeDaily(
                    there.archive(),
                    there.data(),
                    now,
                    now.atZone(ZoneOffset.UTC).toLocalDate());
        }
        var today = NOW.plusSeconds(86_400L * 9).atZone(ZoneOffset.UTC).toLocalDate();
        assertThat(place.daily(today))
                .extracting(file -> file.getFileName().toString())
                .containsExactly(
                        "daily-2026-12-06.zip",
                        "daily-2026-12-05.zip",
                        "daily-2026-12-04.zip",
                        "daily-2026-12-03.zip",
                        "daily-2026-12-02.zip",
                        "daily-2026-12-01.zip",
                        "daily-2026-11-30.zip");
        assertThat(wrongClock).as("of a clock that was wrong").doesNotExist();
        assertThat(filesOf(place.folder())).isSubsetOf(filesOf(there.data())).isNotEmpty();

        Commands restored = elsewhere("from a daily one");
        Path latest = place.daily(today).get(0);
        restored.run("restore", latest.toString());
        assertThat(withoutSignIns(restored.database().sums()))
                .isEqualTo(withoutSignIns(garage.database().sums()));
        assertThat(filesOf(restored.data())).isEqualTo(filesOf(place.folder()));

        Path alone = Files.copy(latest, folder.resolve("alone.zip"), StandardCopyOption.REPLACE_EXISTING);
        assertThatThrownBy(() -> elsewhere("alone").run("restore", alone.toString()))
                .hasMessageContaining("neither in it nor in the folder “files” beside it");
    }

    @Test
    void theDailyOneGoesWhereItIsToldAndSaysWhenThatIsNotThere() throws IOException {
        Commands there = elsewhere("placed");
        Path stick = folder.resolve("stick");
        assertThat(there.run("backup-place", stick.toString())).contains(stick.toString());
        BackupPlace place = BackupPlace.of(there.backups());
        assertThat(place).isEqualTo(new BackupPlace(stick, ""));
        Files.delete(stick);
        assertThatThrownBy(() -> place.makeDaily(
                        here().archive(),
                        garage.data(),
                        NOW,
                        NOW.atZone(ZoneOffset.UTC).toLocalDate()))
                .hasMessageContaining("Plug its disk in");
    }

    @Test
    void whatIsSealedOpensWithItsKeyAlone() throws IOException {
        Path key = folder.resolve("key");
        String said = here().run("new-key", key.toString());
        String recipient = said.substring(said.indexOf("age1")).strip();
        Path sealed = folder.resolve("sealed.zip.age");
        here().run("backup", sealed.toString(), "--for", recipient);

        assertThatThrownBy(() -> elsewhere("no key").run("restore", sealed.toString()))
                .hasMessageContaining("is sealed");
        Path wrong = folder.resolve("wrong key");
        here().run("new-key", wrong.toString());
        assertThatThrownBy(() -> elsewhere("wrong").run("restore", sealed.toString(), "--key", wrong.toString()))
                .hasMessageContaining("does not open with the key");
        byte[] whole = Files.readAllBytes(sealed);
        Path cut = Files.write(folder.resolve("cut.zip.age"), Arrays.copyOf(whole, whole.length / 2));
        assertThatThrownBy(() -> elsewhere("cut").run("restore", cut.toString(), "--key", key.toString()))
                .isInstanceOf(BackupRefused.class);
        assertThatThrownBy(() -> here().run("backup", folder.resolve("x").toString(), "--for", "age1nonsense"))
                .hasMessageContaining("is not a public key");

        Commands there = elsewhere("opened");
        there.run("restore", sealed.toString(), "--key", key.toString());
        assertThat(withoutSignIns(there.database().sums()))
                .isEqualTo(withoutSignIns(garage.database().sums()));

        var place = new BackupPlace(Files.createDirectories(folder.resolve("sealed daily")), recipient);
        place.makeDaily(
                here().archive(), garage.data(), NOW, NOW.atZone(ZoneOffset.UTC).toLocalDate());
        Path daily = place.daily(NOW.atZone(ZoneOffset.UTC).toLocalDate()).get(0);
        assertThat(filesOf(place.folder())).isNotEmpty().allMatch(file -> file.contains(".age "));
        Commands fromDaily = elsewhere("opened daily");
        fromDaily.run("restore", daily.toString(), "--key", key.toString());
        assertThat(filesOf(fromDaily.data())).isNotEmpty().isSubsetOf(filesOf(garage.data()));
    }

    /** Oracle: a file and its key made by age 1.1.1, the reference program of the format age-encryption.org/v1. */
    @Test
    void opensWhatAnotherProgramOfTheFormatSealed() throws IOException {
        Path resources = Path.of("src/test/resources/ofisino/server/exchange/backup");
        Path into = folder.resolve("opened.txt");
        Sealing.open(resources.resolve("sealed.age"), resources.resolve("key.txt"), into);
        assertThat(into).hasContent("Sealed by another program of the format.\n");
    }

    @Test
    void ofManyGaragesNoOwnerFetchesAll(TestGarage one) {
        assertThat(one.owner().post("/api/backup/archives", map()).code()).isEqualTo("backup.many-garages");
        assertThat(one.owner().get("/api/backup").ok().path("overdue").asBoolean())
                .isTrue();
    }
}
