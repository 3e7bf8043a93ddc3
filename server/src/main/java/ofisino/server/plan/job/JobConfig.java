package ofisino.server.plan.job;

import ofisino.core.plan.recipe.Recipes;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class JobConfig {
    @Bean
    Recipes recipes() {
        return Recipes.load();
    }
}
