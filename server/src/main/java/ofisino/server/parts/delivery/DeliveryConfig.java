package ofisino.server.parts.delivery;

import ofisino.core.parts.order.TriedOn;
import ofisino.core.vehicle.anatomy.Anatomy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class DeliveryConfig {
    @Bean
    TriedOn triedOn(Anatomy anatomy) {
        return TriedOn.load(anatomy.natures());
    }
}
