package ofisino.server.exchange.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import ofisino.server.exchange.backup.Manifest.Part;

/**
 * The files that lie beside archives and not in them, once for all daily backups: they never change, so each is copied once.
 *
 * @param folder where the archives lie; the files are below it as their names say, sealed where the archives are
 * @param key    file with the secret key that opens sealed ones; empty for none
 */
record Beside(Path folder, Optional<Path> key) {
    static boolean isWhole(Part part, Path file) throws IOException {
        return Files.isRegularFile(file)
                && Files.size(file) == part.bytes()
                && Archive.sha256(Files.newInputStream(file)).equals(part.sha256());
    }

    private Path open(Part part) {
        return folder.resolve(part.name());
    }

    private Path sealed(Part part) {
        return folder.resolve(part.name() + Sealing.ENDING);
    }

    boolean has(Part part) throws IOException {
        return isWhole(part, open(part)) || key.isPresent() && Files.exists(sealed(part));
    }

    void copy(Part part, Path into) throws IOException {
        if (isWhole(part, open(part))) Files.copy(open(part), into, StandardCopyOption.REPLACE_EXISTING);
        else Sealing.open(sealed(part), key.orElseThrow(), into);
        if (!isWhole(part, into))
            throw new BackupRefused("“%s” in %s is damaged. Use another backup.".formatted(part.name(), folder));
    }

    /** Keeps a file of the garage here, if it is not here yet: as a second name of the same file where the disk is the same. */
    void keep(Part part, Path data, String recipient) throws IOException {
        Path file = data.resolve(part.name());
        Path target = recipient.isBlank() ? open(part) : sealed(part);
        boolean there = Files.exists(target) && (!recipient.isBlank() || Files.size(target) == part.bytes());
        if (there || !isWhole(part, file)) return;
        Files.createDirectories(target.getParent());
        if (recipient.isBlank() && Files.getFileStore(file).equals(Files.getFileStore(target.getParent()))) {
            Files.deleteIfExists(target);
            Files.createLink(target, file);
            return;
        }
        Path being = target.resolveSibling(target.getFileName() + ".part");
        try (OutputStream out = Sealing.seal(Files.newOutputStream(being), recipient)) {
            Files.copy(file, out);
        }
        Files.move(being, target, StandardCopyOption.ATOMIC_MOVE);
    }
}
