package ofisino.server.money.otherway;

import ofisino.core.plan.whatif.BareMetalUsual;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class OtherWayConfig {
    @Bean
    BareMetalUsual bareMetal() {
        return BareMetalUsual.load();
    }
}
