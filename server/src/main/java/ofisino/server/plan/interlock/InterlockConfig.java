package ofisino.server.plan.interlock;

import ofisino.core.plan.interlock.Interlocks;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class InterlockConfig {
    @Bean
    Interlocks interlocks() {
        return Interlocks.load();
    }
}
