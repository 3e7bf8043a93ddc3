package ofisino.server.vehicle.planted;

import ofisino.server.parts.planted.PlantedMapper;

/** Never called: planted for the architecture test to catch. */
public final class PlantedPublicController {
    PlantedMapper mapper;

    void wrong() {
        mapper.anything();
    }
}
