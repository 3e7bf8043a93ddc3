package ofisino.server.vehicle.drawing;

import java.util.List;
import ofisino.core.vehicle.body.Bodies;
import ofisino.core.vehicle.body.Body;
import ofisino.core.vehicle.body.BodyStyle;
import ofisino.server.identity.WithoutSignIn;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@WithoutSignIn
@RequestMapping("/api/bodies")
class BodyController {
    private final Bodies bodies;

    BodyController(Bodies bodies) {
        this.bodies = bodies;
    }

    /** The styles that there is a drawing of. */
    @GetMapping
    List<BodyStyle> styles() {
        return bodies.styles().stream().sorted().toList();
    }

    @GetMapping("/{style}")
    Body body(@PathVariable BodyStyle style) {
        return bodies.of(style);
    }
}
