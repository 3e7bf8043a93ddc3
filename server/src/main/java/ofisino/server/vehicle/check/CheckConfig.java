package ofisino.server.vehicle.check;

import ofisino.core.vehicle.check.Catalogue;
import ofisino.core.vehicle.shortlook.ShortLooks;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class CheckConfig {
    @Bean
    Catalogue catalogue() {
        return Catalogue.load();
    }

    @Bean
    ShortLooks shortLooks() {
        return ShortLooks.load();
    }
}
