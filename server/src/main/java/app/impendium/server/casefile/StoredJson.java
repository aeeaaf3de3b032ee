package app.impendium.server.casefile;

import org.hibernate.cfg.MappingSettings;
import org.hibernate.type.format.jackson.Jackson3JsonFormatMapper;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** Lets stored documents be written exactly as they are sent: dates as text, not as lists of numbers. */
@Configuration
class StoredJson {

    @Bean
    HibernatePropertiesCustomizer documentsAsSent(JsonMapper json) {
        return settings -> settings.put(MappingSettings.JSON_FORMAT_MAPPER, new Jackson3JsonFormatMapper(json));
    }
}
