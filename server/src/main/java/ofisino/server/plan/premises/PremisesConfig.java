package ofisino.server.plan.premises;

import ofisino.core.plan.premises.Demands;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class PremisesConfig {
    @Bean
    Demands demands() {
        return Demands.load();
    }
}
