package ofisino.server.vehicle.drawing;

import ofisino.core.vehicle.body.Bodies;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class DrawingConfig {
    @Bean
    Bodies bodies() {
        return Bodies.load();
    }
}
