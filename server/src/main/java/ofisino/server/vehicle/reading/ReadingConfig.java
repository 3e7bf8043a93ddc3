package ofisino.server.vehicle.reading;

import ofisino.core.vehicle.reading.Limits;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class ReadingConfig {
    @Bean
    Limits limits() {
        return Limits.load();
    }
}
