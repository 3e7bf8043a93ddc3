package ofisino.server.web.listening;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.StandardOpenOption;
import ofisino.server.web.OfisinoProperties;
import ofisino.server.web.StartRefused;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** The hold on the data folder: two servers of one folder would each believe to be alone. It ends with the process, however that ends. */
@Component
public class OneServer implements DisposableBean {
    private final FileChannel channel;

    OneServer(OfisinoProperties properties) throws IOException {
        Files.createDirectories(properties.data());
        channel = FileChannel.open(
                properties.data().resolve("held"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        if (!held(channel))
            throw new StartRefused(
                    "Another server works in %s already. Stop it with ./ofisino stop.".formatted(properties.data()));
    }

    private static boolean held(FileChannel channel) throws IOException {
        try {
            return channel.tryLock() != null;
        } catch (OverlappingFileLockException byThisProcess) {
            return false;
        }
    }

    @Override
    public void destroy() throws IOException {
        channel.close();
    }
}
