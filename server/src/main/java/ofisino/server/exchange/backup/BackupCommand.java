package ofisino.server.exchange.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import ofisino.server.exchange.backup.Manifest.Part;

/** What the launcher's commands about backups do: {@code backup}, {@code restore}, {@code backup-place} and {@code new-key}. */
public final class BackupCommand {
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmm");

    private final GarageDatabase database;
    private final Path data;
    private final Path backups;
    private final Clock clock;

    BackupCommand(GarageDatabase database, Path data, Path backups, Clock clock) {
        this.database = database;
        this.data = data;
        this.backups = backups;
        this.clock = clock;
    }

    /** @param arguments the command and what follows it */
    public static void main(String[] arguments) throws IOException {
        var command = new BackupCommand(
                GarageDatabase.ofEnvironment(),
                Path.of(System.getenv("OFISINO_DATA")),
                Path.of(System.getenv("OFISINO_BACKUPS")),
                Clock.systemUTC());
        try {
            System.out.println(command.run(List.of(arguments)));
        } catch (BackupRefused refused) {
            System.err.println("ofisino: " + refused.getMessage());
            System.exit(1);
        } catch (FileSystemException broken) {
            System.err.println("ofisino: %s: %s"
                    .formatted(
                            broken.getFile(),
                            Optional.ofNullable(broken.getReason()).orElse("it cannot be used")));
            System.exit(1);
        }
    }

    String run(List<String> arguments) throws IOException {
        Deque<String> words = new ArrayDeque<>(arguments);
        String command = words.pop();
        var options = Options.of(words);
        return switch (command) {
            case "backup" -> backup(options);
            case "restore" -> restore(options);
            case "backup-place" -> place(options);
            case "new-key" -> newKey(options);
            default -> throw new BackupRefused("There is no command " + command);
        };
    }

    private String backup(Options options) throws IOException {
        BackupPlace place = BackupPlace.of(backups);
        String recipient = options.recipient().isBlank() ? place.recipient() : options.recipient();
        Path file = options.file()
                .orElseGet(() -> Path.of("garage-%s.zip%s"
                                .formatted(now().format(NAME), recipient.isBlank() ? "" : Sealing.ENDING))
                        .toAbsolutePath());
        Manifest manifest = archive().whole(file, recipient, clock.instant());
        return "Saved %s: %d rows, %d photos and receipts, %s.%s"
                .formatted(
                        manifest.garage().isBlank() ? "an empty garage" : manifest.garage(),
                        manifest.rows().values().stream()
                                .mapToLong(Long::longValue)
                                .sum(),
                        pictures(manifest),
                        file,
                        lost(manifest));
    }

    private static long pictures(Manifest manifest) {
        return manifest.files().stream().filter(Part::isPicture).count()
                - manifest.lost().size();
    }

    private static String lost(Manifest manifest) {
        return manifest.lost().isEmpty()
                ? ""
                : "%nNot saved: %d photos or receipts that the data folder does not have any more, or not whole."
                        .formatted(manifest.lost().size());
    }

    private String restore(Options options) throws IOException {
        Path file = options.required("backup");
        if (!Files.isRegularFile(file)) throw new BackupRefused("There is no file %s.".formatted(file));
        var restoring = new Restoring(database, data);
        Optional<Manifest> done =
                restoring.restore(file, options.key(), options.incomplete(), found -> agreed(found, options.yes()));
        if (done.isEmpty()) return "Nothing was changed.";
        database.dropReplaced();
        return "Restored: %s as it was on %s. Everybody has to sign in again. People, phones and links are as they were then: check them on the Garage page."
                .formatted(done.get().garage(), at(done.get()));
    }

    /** A garage in use is not replaced unasked, and never without a copy of it. */
    private boolean agreed(Manifest found, boolean yes) throws IOException {
        var here = database.atOneMoment((contents, snapshot) -> contents);
        if (here.garage().isBlank()) return true;
        System.out.printf(
                "This garage: %s, last changed %s.%nIt will be replaced by: %s as it was on %s.%n",
                here.garage(), here.changedAt().isBlank() ? "never" : here.changedAt(), found.garage(), at(found));
        if (!yes && !answeredYes()) return false;
        Path copy = backups.resolve("before-restore-%s.zip".formatted(now().format(NAME)));
        for (int i = 2; Files.exists(copy); i++)
            copy = backups.resolve("before-restore-%s-%d.zip".formatted(now().format(NAME), i));
        archive().whole(copy, "", clock.instant());
        System.out.println("This garage was saved as " + copy);
        return true;
    }

    private static boolean answeredYes() {
        System.out.print("A copy of this garage is made first. Type yes to go on: ");
        System.out.flush();
        var console = System.console();
        if (console == null)
            throw new BackupRefused("There is no terminal to ask at. Add --yes to replace it all the same.");
        return "yes".equalsIgnoreCase(String.valueOf(console.readLine()).strip());
    }

    private String place(Options options) throws IOException {
        if (options.file().isPresent()) {
            Path folder = options.file().get();
            Files.createDirectories(folder);
            if (!Files.isWritable(folder)) throw new BackupRefused("%s cannot be written to.".formatted(folder));
            Sealing.seal(OutputStream.nullOutputStream(), options.recipient());
            new BackupPlace(folder, options.recipient()).rememberIn(backups);
        }
        BackupPlace place = BackupPlace.of(backups);
        return "Daily backups go to %s%s."
                .formatted(place.folder(), place.recipient().isBlank() ? "" : ", sealed for " + place.recipient());
    }

    private static String newKey(Options options) throws IOException {
        Path file = options.required("file the secret key goes to");
        Sealing.Key key = Sealing.newKey();
        Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.writeString(file, "# public key: %s%n%s%n".formatted(key.recipient(), key.secret()));
        return "The secret key is in %s. Keep it on another machine and on paper: without it no sealed backup opens.%nSeal with: --for %s"
                .formatted(file, key.recipient());
    }

    private Archive archive() {
        return new Archive(database, data);
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    private static String at(Manifest manifest) {
        return DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm")
                .format(manifest.madeAt().atZone(ZoneId.systemDefault()));
    }
}
