package ofisino.server.exchange.backup;

import java.nio.file.Path;
import java.util.Deque;
import java.util.Optional;

/**
 * What follows a command of the launcher.
 *
 * @param file       what it is about; empty where none was named
 * @param recipient  public key; empty for none
 * @param key        file with a secret key
 * @param yes        nobody need be asked
 * @param incomplete photos and receipts may be missing
 */
record Options(Optional<Path> file, String recipient, Optional<Path> key, boolean yes, boolean incomplete) {
    static Options of(Deque<String> words) {
        Optional<Path> file = Optional.empty();
        String recipient = "";
        Optional<Path> key = Optional.empty();
        boolean yes = false;
        boolean incomplete = false;
        while (!words.isEmpty()) {
            String word = words.pop();
            switch (word) {
                case "--for" -> recipient = value(words, word);
                case "--key" -> key = Optional.of(Path.of(value(words, word)).toAbsolutePath());
                case "--yes" -> yes = true;
                case "--incomplete" -> incomplete = true;
                default -> {
                    if (word.startsWith("--") || file.isPresent()) throw new BackupRefused("Unknown: " + word);
                    file = Optional.of(Path.of(word).toAbsolutePath());
                }
            }
        }
        return new Options(file, recipient, key, yes, incomplete);
    }

    private static String value(Deque<String> words, String option) {
        if (words.isEmpty()) throw new BackupRefused("Something must follow %s.".formatted(option));
        return words.pop();
    }

    Path required(String what) {
        return file.orElseThrow(() -> new BackupRefused("Say which " + what + "."));
    }
}
