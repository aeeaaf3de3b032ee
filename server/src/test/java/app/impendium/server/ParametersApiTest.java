package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

/** A parameter of an address that is refused is named, as a field of a body is. */
class ParametersApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);
    private static final ObjectNode PURCHASE = Documents.purchase("Asked");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/targets/0?target=PAID_OFF_BY&limit=soon        | limit       | soon is not allowed here, only a day such as 2045-06-30.",
                "/api/targets/0?target=MONTHLY_TOTAL&limit=1e9       | limit       | 1e9 is not allowed here, only an amount in whole cents.",
                "/api/targets/0?target=TOTAL_INTEREST&limit=-1       | limit | -0.01 is not allowed here, only 0.00 to 999,999,999.99.",
                "/api/targets/0?target=BALANCE_BY&limit=100&by=soon | by | soon is not allowed here, only a day such as 2045-06-30.",
                "/api/ladders/0?stepPercent=0&down=1&up=1         | stepPercent | 0 % is not allowed here, only above 0 %.",
                "/api/ladders/0?stepPercent=11&down=1&up=1        | stepPercent | 11 % is not allowed here, only 0 % to 10 %.",
                "/api/targets/0?target=MONTHLY_TOTAL&limit=0         | limit | 0.00 is not allowed here, only 0.01 to 999,999,999.99.",
                "/api/targets/0?target=PAID_OFF_BY&limit=2151-01-01  | limit | 2151-01-01 is not allowed here, only 1990-01-01 to 2150-12-31.",
                "/api/workings/0/rates/31                         | percent | 31 % is not allowed here, only 0 % to 30 %.",
                "/api/workings/0/lines/301                        | line | 301 is not allowed here, only 1 to 300.",
                "/api/workings/0/ranges/13/12                  | last | 12 is not allowed here, only 13 to 300.",
                "/api/ladders/0?stepPercent=1&down=41&up=1        | down | 41 is not allowed here, only 0 to 40."
            })
    void refusesQuestionsWithoutMeaning(String address, String parameter, String message) {
        Answer answer = BEA.post(address, PURCHASE.toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageOfParameter(parameter)).isEqualTo(message);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/targets/0?target=MONTHLY_TOTAL           | limit | A value is missing here.",
                "/api/targets/0?target=LUCK&limit=1            | target  | LUCK is not allowed here, only one of MONTHLY_TOTAL, PAYMENT, PAID_OFF_BY, TOTAL_INTEREST, BALANCE_BY.",
                "/api/ladders/0?stepPercent=x&down=1&up=1   | stepPercent | x is not allowed here, only a number of at most 40 digits.",
                "/api/workings/0/lines/first                | line | first is not allowed here, only a whole number.",
                "/api/workings/0?verbose=1                  | verbose | the parameter verbose is not allowed here, only no parameter.",
                "/api/targets/0?target=TOTAL_INTEREST&limit=1&l=2 | l | the parameter l is not allowed here, only by, limit, target."
            })
    void namesTheParameterThatCannotBeRead(String address, String parameter, String message) {
        Answer answer = BEA.post(address, PURCHASE.toString());

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.messageOfParameter(parameter)).isEqualTo(message);
    }
}
