package app.impendium.server.evaluation;

import app.impendium.core.OptionWorkings;
import app.impendium.core.working.RuleTest;
import app.impendium.core.working.Working;
import app.impendium.server.RunningServer;
import app.impendium.server.document.CaseDocument;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.core.io.ClassPathResource;
import tools.jackson.databind.json.JsonMapper;

/** The arithmetic of the rules gives the figures of the demo cases. */
class DemoWorkingsTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "weir-house",
                "mill-race",
                "pinfold-yard",
                "harrow-court",
                "tollgate-rise",
                "sorrel-street",
                "cinder-hill",
                "quarry-lane"
            })
    void everyWorkingGivesItsFigure(String name) throws IOException {
        CaseDocument document = read(name);
        for (int option = 0; option < document.options().size(); option++) {
            DocumentEvaluator.ofOption(document, option, figures -> {
                        OptionWorkings workings = new OptionWorkings(figures);
                        int payments = figures.loan().schedule().payments();
                        List<Working> all = new ArrayList<>(workings.whole());
                        for (int line = 0; line <= payments; line++) {
                            all.addAll(workings.ofLine(line));
                        }
                        all.addAll(workings.ofRange(1, payments));
                        return all;
                    })
                    .forEach(RuleTest::assertGivesItsFigure);
        }
    }

    private static CaseDocument read(String name) throws IOException {
        try (InputStream file = new ClassPathResource("demo/" + name + ".json").getInputStream()) {
            return RunningServer.bean(JsonMapper.class).readValue(file, CaseDocument.class);
        }
    }
}
