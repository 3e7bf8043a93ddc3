package ofisino.server.web;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * What the launcher tells the server.
 *
 * @param data    folder for photos and receipts
 * @param lanUrl  where phones reach this server; empty where they do not
 * @param notice  shown on the sign-in page; empty for none
 * @param journal folder of a journal that is played into an empty garage at the first start; empty for none
 */
@ConfigurationProperties("ofisino")
public record OfisinoProperties(Path data, String lanUrl, String notice, String journal) {}
