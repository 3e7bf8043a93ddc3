package ofisino.server.plan.job;

import ofisino.core.parts.consumable.Consumables;
import ofisino.core.plan.access.AccessLibrary;
import ofisino.core.plan.recipe.Recipes;
import ofisino.core.vehicle.anatomy.Anatomy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class JobConfig {
    @Bean
    Recipes recipes(Anatomy anatomy, Consumables consumables, AccessLibrary accesses) {
        return Recipes.load(anatomy, consumables, accesses);
    }
}
