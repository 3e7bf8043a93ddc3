package ofisino.server.parts.donor;

import ofisino.core.parts.donor.NotFromDonors;
import ofisino.core.vehicle.anatomy.Anatomy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class DonorConfig {
    @Bean
    NotFromDonors notFromDonors(Anatomy anatomy) {
        return NotFromDonors.load(anatomy.natures());
    }
}
