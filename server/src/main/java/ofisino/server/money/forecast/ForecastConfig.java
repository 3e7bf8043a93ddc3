package ofisino.server.money.forecast;

import ofisino.core.money.forecast.Forgotten;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class ForecastConfig {
    @Bean
    Forgotten forgotten() {
        return Forgotten.load();
    }
}
