package ofisino.server.plan.orderofwork;

import ofisino.core.plan.orderofwork.OrderOfWorkRules;
import ofisino.core.plan.orderofwork.Phases;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class OrderOfWorkConfig {
    @Bean
    OrderOfWorkRules orderOfWorkRules() {
        return OrderOfWorkRules.load();
    }

    @Bean
    Phases phases() {
        return Phases.load();
    }
}
