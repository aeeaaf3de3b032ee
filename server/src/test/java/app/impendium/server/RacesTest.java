package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import app.impendium.server.PracticeDataTest.Kept;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Where several do the same at once, one of them does it, and the others are told so. */
class RacesTest {
    private static final int SEVERAL = 8;

    @ParameterizedTest
    @EnumSource
    void whoeverSavesWhatThePracticeKeepsIsToldWhatAnotherSaved(Kept kept) throws Exception {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@race-" + kept.ordinal() + ".example");
        String address = kept.create(owner, "Ferry Bank");

        List<Answer> answers = atOnce(
                i -> owner.put(address, "\"0\"", kept.value("Ferry Bank " + i).toString()));

        assertOneSaved(answers, "name");
    }

    @ParameterizedTest
    @EnumSource
    void whoeverCreatesUnderOneNameIsToldThatItIsTaken(Kept kept) throws Exception {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@race-name-" + kept.ordinal() + ".example");

        List<Answer> answers =
                atOnce(i -> owner.post(kept.address, kept.value("Ferry Bank").toString()));

        assertThat(statuses(answers)).containsExactlyInAnyOrderElementsOf(oneAnd(201, 422));
        assertThat(kept.all(owner)).hasSize(1);
    }

    @Test
    void theFirstLetterheadIsSavedOnce() throws Exception {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@race-letterhead.example");

        assertOneSaved(
                atOnce(i -> owner.putUnconditionally(
                        "/api/letterhead", "{\"name\": \"Brandt Advice " + i + "\", \"address\": \"\"}")),
                "name");
    }

    @Test
    void whatThePracticeHasChosenIsSavedOnce() throws Exception {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@race-settings.example");

        assertOneSaved(
                atOnce(i -> owner.put(
                        "/api/practice",
                        "\"0\"",
                        "{\"name\": \"Brandt Advice " + i + "\", \"market\": \"US\", \"timeZone\": \"UTC\"}")),
                "name");
    }

    @Test
    void aCaseIsSavedOnce() throws Exception {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@race-case.example");
        String address = owner.post(
                        "/api/cases", Documents.purchase("Fern Rise").toString())
                .header("Location");

        List<Answer> answers = atOnce(i ->
                owner.put(address, "\"0\"", Documents.purchase("Fern Rise " + i).toString()));

        assertThat(statuses(answers)).containsExactlyInAnyOrderElementsOf(oneAnd(200, 409));
        String saved = owner.get(address).body().at("/document/title").asString();
        for (Answer refused : answers) {
            if (refused.status() == 409) {
                assertThat(refused.body().at("/saved/document/title").asString())
                        .isEqualTo(saved);
            }
        }
    }

    private static void assertOneSaved(List<Answer> answers, String member) {
        assertThat(statuses(answers)).containsExactlyInAnyOrderElementsOf(oneAnd(200, 409));
        String saved = answers.stream()
                .filter(answer -> answer.status() == 200)
                .map(answer -> answer.body().findValue(member).asString())
                .findFirst()
                .orElseThrow();
        for (Answer refused : answers) {
            if (refused.status() == 409) {
                assertThat(refused.body().at("/latest/value/" + member).asString())
                        .isEqualTo(saved);
            }
        }
    }

    /** One answer of this status, and all others of that one. */
    static List<Integer> oneAnd(int done, int refused) {
        return IntStream.concat(
                        IntStream.of(done),
                        Collections.nCopies(SEVERAL - 1, refused).stream().mapToInt(each -> each))
                .boxed()
                .toList();
    }

    static List<Integer> statuses(List<Answer> answers) {
        return answers.stream().map(Answer::status).toList();
    }

    /** What several are answered who do this at once, counted from 0. */
    static List<Answer> atOnce(IntFunction<Answer> does) throws InterruptedException, ExecutionException {
        ExecutorService several = Executors.newFixedThreadPool(SEVERAL);
        try {
            List<Future<Answer>> asked = several.invokeAll(IntStream.range(0, SEVERAL)
                    .mapToObj(i -> (Callable<Answer>) () -> does.apply(i))
                    .toList());
            List<Answer> answers = new ArrayList<>();
            for (Future<Answer> each : asked) {
                answers.add(each.get());
            }
            return answers;
        } finally {
            several.shutdownNow();
        }
    }
}
