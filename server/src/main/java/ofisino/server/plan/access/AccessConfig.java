package ofisino.server.plan.access;

import ofisino.core.plan.access.AgeingParts;
import ofisino.core.plan.access.WaysInLibrary;
import ofisino.core.plan.interlock.Reconnection;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class AccessConfig {
    @Bean
    WaysInLibrary waysInLibrary() {
        return WaysInLibrary.load();
    }

    @Bean
    Reconnection reconnection() {
        return Reconnection.load();
    }

    @Bean
    AgeingParts ageingParts() {
        return AgeingParts.load();
    }
}
