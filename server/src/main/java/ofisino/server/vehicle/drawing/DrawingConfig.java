package ofisino.server.vehicle.drawing;

import java.util.stream.Stream;
import ofisino.core.vehicle.body.Bodies;
import ofisino.server.web.ComposedTexts;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class DrawingConfig {
    @Bean
    Bodies bodies() {
        return Bodies.load();
    }

    /** A name in the file, and its side. */
    @Bean
    ComposedTexts namesOfPlaces(Bodies bodies) {
        return () -> bodies.styles().stream()
                .flatMap(style -> bodies.of(style).zones().stream())
                .flatMap(zone -> Stream.of(zone.name(), zone.label()));
    }
}
