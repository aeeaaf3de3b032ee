package app.impendium.server.frontend;

import app.impendium.server.problem.ProblemView;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface at /api/openapi, from which the front end's types are made. */
@Configuration
class OpenApiDocument {
    private static final ApiResponse PROBLEM = new ApiResponse()
            .description("Refused, with the reason")
            .content(new Content()
                    .addMediaType(
                            "application/problem+json",
                            new MediaType()
                                    .schema(new Schema<>()
                                            .$ref(Components.COMPONENTS_SCHEMAS_REF
                                                    + ProblemView.class.getSimpleName()))));

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Impendium").version("1"));
    }

    /** Every member is written out, those without a value as null: so each is required, and says so. */
    @Bean
    @SuppressWarnings("rawtypes") // the model's own signatures are raw
    OpenApiCustomizer everyMemberIsThere() {
        return document -> {
            document.setServers(null);
            Components components = document.getComponents();
            ModelConverters.getInstance(true).readAll(ProblemView.class).forEach(components::addSchemas);
            TaggedUnions.untangle(components);
            components.getSchemas().entrySet().stream()
                    .filter(schema -> !schema.getKey().equals(ProblemView.class.getSimpleName()))
                    .forEach(schema -> requireAll(schema.getValue()));
            document.getPaths().values().stream()
                    .flatMap(path -> path.readOperations().stream())
                    .forEach(operation -> operation.getResponses().addApiResponse("default", PROBLEM));
        };
    }

    private static void requireAll(Schema<?> schema) {
        if (schema.getProperties() != null) {
            List<String> names = new ArrayList<>(schema.getProperties().keySet());
            schema.setRequired(names);
            schema.getProperties().replaceAll((name, property) -> nullableApart(property));
        }
    }

    /** An object that may be null is one or the other: beside a reference, the mark of null would not count. */
    private static Schema<?> nullableApart(Schema<?> property) {
        boolean isNullableReference = property.get$ref() != null
                && property.getTypes() != null
                && property.getTypes().contains("null");
        if (!isNullableReference) {
            return property;
        }
        Schema<?> reference = new JsonSchema();
        reference.set$ref(property.get$ref());
        Schema<?> nothing = new JsonSchema();
        nothing.setTypes(Set.of("null"));
        Schema<?> either = new JsonSchema();
        either.setOneOf(List.of(reference, nothing));
        return either;
    }
}
