package ofisino.server.vehicle.suspicion;

import ofisino.core.vehicle.suspicion.Suspicion;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class SuspicionConfig {
    @Bean
    Suspicion suspicion() {
        return Suspicion.load();
    }
}
