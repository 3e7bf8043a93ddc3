package ofisino.server.vehicle.event;

import ofisino.core.vehicle.event.Suspicion;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class SuspicionConfig {
    @Bean
    Suspicion suspicion() {
        return Suspicion.load();
    }
}
