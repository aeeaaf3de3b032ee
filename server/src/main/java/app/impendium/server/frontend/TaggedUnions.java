package app.impendium.server.frontend;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Describes objects that are told apart by a member as one of their kinds, each whole with its own tag. As they are read off
 * the Java types, kind and union describe each other in a circle, which no type can be made from.
 */
final class TaggedUnions {
    private TaggedUnions() {}

    static void untangle(Components components) {
        List.copyOf(components.getSchemas().values()).stream()
                .filter(schema -> schema.getDiscriminator() != null)
                .forEach(union -> untangle(union, components));
    }

    private static void untangle(Schema<?> union, Components components) {
        String member = union.getDiscriminator().getPropertyName();
        union.setProperties(null);
        union.getDiscriminator().getMapping().forEach((tag, reference) -> {
            String name = reference.substring(Components.COMPONENTS_SCHEMAS_REF.length());
            components.addSchemas(name, tagged(components.getSchemas().get(name), member, tag));
        });
    }

    /** The kind's own members, of which the circle makes the last part, with its tag. */
    private static Schema<?> tagged(Schema<?> kind, String member, String tag) {
        List<?> parts = kind.getAllOf();
        Schema<?> own = (Schema<?>) parts.get(parts.size() - 1);
        Schema<String> constant = new StringSchema();
        constant.setTypes(Set.of("string"));
        constant.setEnum(List.of(tag));
        own.getProperties().putAll(Map.of(member, constant));
        return own;
    }
}
