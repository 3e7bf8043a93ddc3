package ofisino.server.vehicle.check;

import ofisino.core.vehicle.check.Catalogue;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class CheckConfig {
    @Bean
    Catalogue catalogue() {
        return Catalogue.load();
    }
}
