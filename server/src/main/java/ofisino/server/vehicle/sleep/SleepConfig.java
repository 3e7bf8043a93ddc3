package ofisino.server.vehicle.sleep;

import ofisino.core.vehicle.sleep.Sleep;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class SleepConfig {
    @Bean
    Sleep sleep() {
        return Sleep.load();
    }
}
