package ofisino.server.exchange.backup;

import ofisino.server.web.OfisinoProperties;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class BackupConfig {
    @Bean
    GarageDatabase garageDatabase(
            @Value("${spring.datasource.url}") String url,
            @Value("${spring.datasource.username}") String user,
            @Value("${spring.datasource.password}") String password,
            OfisinoProperties properties) {
        return new GarageDatabase(url, user, password, properties.databasePrograms());
    }

    @Bean
    Archive archive(GarageDatabase database, OfisinoProperties properties) {
        return new Archive(database, properties.data());
    }
}
