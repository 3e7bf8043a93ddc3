package ofisino.server.plan.access;

import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.access.AgeingParts;
import ofisino.core.plan.interlock.Reconnection;
import ofisino.core.vehicle.anatomy.Anatomy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class AccessConfig {
    @Bean
    AccessLibrary accessLibrary() {
        return AccessLibrary.load();
    }

    @Bean
    Reconnection reconnection() {
        return Reconnection.load();
    }

    @Bean
    AgeingParts ageingParts(Anatomy anatomy) {
        return AgeingParts.load(anatomy);
    }
}
