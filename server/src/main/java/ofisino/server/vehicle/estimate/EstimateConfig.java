package ofisino.server.vehicle.estimate;

import ofisino.core.vehicle.estimate.Estimates;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class EstimateConfig {
    @Bean
    Estimates estimates() {
        return Estimates.load();
    }
}
