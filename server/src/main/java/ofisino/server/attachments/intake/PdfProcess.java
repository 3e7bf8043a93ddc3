package ofisino.server.attachments.intake;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.jar.JarFile;

/** Runs {@link PdfRewriter} with a bound of memory and time. */
final class PdfProcess {
    private static final int SECONDS = 40;
    private static final List<String> BOUNDS = List.of(
            "-Xmx128m",
            "-Xss2m",
            "-XX:+UseSerialGC",
            "-XX:TieredStopAtLevel=1",
            "-XX:MaxMetaspaceSize=96m",
            "-XX:+ExitOnOutOfMemoryError",
            "-Djava.awt.headless=true");

    private PdfProcess() {}

    static TakenIn pdf(Path file) {
        Path content = file.resolveSibling(file.getFileName() + ".kept");
        int exit = run(file, content);
        if (exit == PdfRewriter.TOO_MANY_PAGES)
            throw Refusals.refused(
                    "attachment.too-many-pages",
                    "The PDF has more than %d pages.",
                    "Keep it to %d; add the rest as a second file.",
                    PdfRewriter.MOST_PAGES,
                    PdfRewriter.MOST_PAGES);
        if (exit == PdfRewriter.CANNOT_BE_READ)
            throw Refusals.refused(
                    "attachment.pdf",
                    "This PDF cannot be read; it may be damaged or locked by a password.",
                    "Print it to a new PDF or take a photo of it.");
        if (exit != 0 || !Files.exists(content))
            throw Refusals.refused(
                    "attachment.pdf-too-much",
                    "This PDF is too large once unpacked.",
                    "Print it to a new PDF, or take a photo of it.");
        return new TakenIn("application/pdf", content, Optional.empty());
    }

    private static int run(Path file, Path content) {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(BOUNDS);
        command.add("-Djava.io.tmpdir=" + file.toAbsolutePath().getParent());
        command.addAll(program(System.getProperty("java.class.path")));
        command.add(file.toString());
        command.add(content.toString());
        try {
            var builder = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD);
            builder.environment().clear(); // there are passwords in it, and the file may be hostile
            Process process = builder.start();
            if (process.waitFor(SECONDS, TimeUnit.SECONDS)) return process.exitValue();
            process.destroyForcibly().waitFor();
            return -1;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("stopped while a PDF was read", stopping);
        }
    }

    /** In a jar with jars inside (Boot's packaging), its own launcher must find the classes. */
    private static List<String> program(String classPath) {
        String main = PdfRewriter.class.getName();
        if (!classPath.contains(File.pathSeparator) && hasJarsInside(classPath))
            return List.of(
                    "-Dloader.main=" + main,
                    "-cp",
                    classPath,
                    "org.springframework.boot.loader.launch.PropertiesLauncher");
        return List.of("-cp", classPath, main);
    }

    private static boolean hasJarsInside(String jar) {
        try (var file = new JarFile(jar)) {
            return file.getEntry("BOOT-INF/lib/") != null;
        } catch (IOException noJar) {
            return false;
        }
    }
}
