package app.impendium.server.document;

import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.node.ObjectNode;

/** Binds case documents of any format: those of an earlier one are upgraded before. */
final class UpgradingReader extends DelegatingDeserializer {

    UpgradingReader(ValueDeserializer<?> latest) {
        super(latest);
    }

    @Override
    protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> latest) {
        return new UpgradingReader(latest);
    }

    @Override
    public Object deserialize(JsonParser parser, DeserializationContext context) {
        JsonNode tree = context.readTree(new ReadableNumbers(parser));
        if (tree instanceof ObjectNode document && isOfFormat(document, 1)) {
            FromFormat1.upgrade(document);
        }
        try (JsonParser latest = tree.traverse(context)) {
            latest.nextToken();
            return super.deserialize(latest, context);
        }
    }

    private static boolean isOfFormat(ObjectNode document, int format) {
        JsonNode given = document.get("format");
        return given != null && given.isInt() && given.intValue() == format;
    }
}
