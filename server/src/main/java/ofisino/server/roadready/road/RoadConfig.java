package ofisino.server.roadready.road;

import ofisino.core.roadready.gate.Proofs;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class RoadConfig {
    @Bean
    Proofs proofs() {
        return Proofs.load();
    }
}
