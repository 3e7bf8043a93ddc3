package ofisino.server.vehicle.equipment;

import ofisino.core.vehicle.equipment.EquipmentLibrary;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class EquipmentConfig {
    @Bean
    EquipmentLibrary equipmentLibrary() {
        return EquipmentLibrary.load();
    }
}
