package ofisino.server.plan.risk;

import ofisino.core.plan.risk.Spreads;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class RiskConfig {
    @Bean
    Spreads spreads() {
        return Spreads.load();
    }
}
