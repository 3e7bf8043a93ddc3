package ofisino.server.parts.need;

import ofisino.core.parts.consumable.Consumable;
import ofisino.core.parts.consumable.Consumables;
import ofisino.core.parts.sourcing.UsuallyWrong;
import ofisino.server.web.ComposedTexts;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class NeedConfig {
    @Bean
    Consumables consumables() {
        return Consumables.load();
    }

    /** Names in the file. */
    @Bean
    ComposedTexts namesOfConsumables(Consumables consumables) {
        return () -> consumables.all().stream().map(Consumable::name);
    }

    @Bean
    UsuallyWrong usuallyWrong() {
        return UsuallyWrong.load();
    }
}
