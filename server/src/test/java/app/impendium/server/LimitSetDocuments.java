package app.impendium.server;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Limit sets as they are sent. */
final class LimitSetDocuments {
    private LimitSetDocuments() {}

    /** Housing cost and debts to income of at most 45 %. */
    static ObjectNode set(String name) {
        return (ObjectNode) Documents.json("""
                {
                  "name": "%s", "market": "US", "frontName": "housing", "backName": "all",
                  "source": "our own practice", "day": "2026-11-24", "stressed": null,
                  "leftOutAtMostPayments": 10, "balanceSharePercent": 1, "rentCountedPercent": 75,
                  "longestTermYears": 40,
                  "tests": [
                    { "id": "back", "measure": "BACK_END", "limit": 45, "byHousehold": null, "conditions": [] }
                  ]
                }
                """.formatted(name));
    }

    /** A set without tests. */
    static ObjectNode empty() {
        ObjectNode set = set("Golden");
        set.putArray("tests");
        return set;
    }

    static void add(ObjectNode set, String measure, JsonNode limit) {
        if (!limit.isNull()) {
            set.withArray("tests")
                    .addObject()
                    .put("id", "t" + set.get("tests").size())
                    .put("measure", measure)
                    .set("limit", limit);
        }
    }
}
