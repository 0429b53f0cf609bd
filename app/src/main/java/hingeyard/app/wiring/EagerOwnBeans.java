package hingeyard.app.wiring;

import org.springframework.boot.LazyInitializationExcludeFilter;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Libraries make what they bring when it is asked for; what is the shop's own is there from the start, so that a mistake in it shows then.
 */
@Configuration
class EagerOwnBeans {

    @Bean
    static LazyInitializationExcludeFilter ownBeans() {
        return (name, definition, type) -> type.getName().startsWith("hingeyard.");
    }
}
