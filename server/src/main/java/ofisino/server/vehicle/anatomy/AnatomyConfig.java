package ofisino.server.vehicle.anatomy;

import ofisino.core.vehicle.anatomy.Anatomy;
import ofisino.core.vehicle.anatomy.Component;
import ofisino.server.web.ComposedTexts;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class AnatomyConfig {
    @Bean
    Anatomy anatomy() {
        return Anatomy.load();
    }

    /** Names in the files. */
    @Bean
    ComposedTexts namesOfComponents(Anatomy anatomy) {
        return () -> anatomy.all().stream().map(Component::name);
    }
}
