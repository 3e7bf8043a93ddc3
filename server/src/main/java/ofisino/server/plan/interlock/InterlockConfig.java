package ofisino.server.plan.interlock;

import ofisino.core.plan.interlock.Interlocks;
import ofisino.core.vehicle.body.Nearby;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class InterlockConfig {
    @Bean
    Interlocks interlocks() {
        return Interlocks.load();
    }

    @Bean
    Nearby nearby() {
        return Nearby.load();
    }
}
