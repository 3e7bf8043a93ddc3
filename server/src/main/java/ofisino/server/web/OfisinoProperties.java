package ofisino.server.web;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What the launcher tells the server.
 *
 * @param data             folder for photos and receipts
 * @param lanUrl           where phones reach this server; empty where they do not
 * @param lanKeys          key store with the certificate of that address; empty where this server does not listen there itself
 * @param lanPassword      of the key store
 * @param notice           shown on the sign-in page; empty for none
 * @param journal          folder of a journal that is played into an empty garage at the first start; empty for none
 * @param databasePrograms folder of PostgreSQL's own programs, by which the garage is saved; empty to find them on the path
 * @param databaseStart    the command that starts the garage's database again; empty where somebody else looks after it
 * @param backups          folder in which the launcher keeps what concerns copies of this garage; empty for no daily copies
 * @param sellers          where sellers can be asked over the wire; empty where nobody can
 */
@ConfigurationProperties("ofisino")
public record OfisinoProperties(
        Path data,
        @DefaultValue("") String lanUrl,
        @DefaultValue("") String lanKeys,
        @DefaultValue("") String lanPassword,
        @DefaultValue("") String notice,
        @DefaultValue("") String journal,
        @DefaultValue("") String databasePrograms,
        @DefaultValue("") String databaseStart,
        @DefaultValue("") String backups,
        @DefaultValue("") String sellers) {}
