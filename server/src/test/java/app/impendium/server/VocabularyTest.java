package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.afford.Condition;
import app.impendium.core.afford.Measure;
import app.impendium.core.afford.PayPeriod;
import app.impendium.core.afford.Underwriting;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.finding.Field;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rental.LettingBasis;
import app.impendium.core.working.Name;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Convention;
import app.impendium.server.document.FinancingDocument;
import java.lang.reflect.Modifier;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The computation's findings and the document speak of the same fields by the same names. */
class VocabularyTest {

    @Test
    void everyPathOfAFindingLiesInTheDocument() throws IllegalAccessException {
        for (java.lang.reflect.Field constant : Field.class.getFields()) {
            String path = (String) constant.get(null);
            boolean isOfCase = path.equals(Field.OPTIONS)
                    || path.equals(Field.DEBTS)
                    || path.startsWith("household.")
                    || path.startsWith("letting.");
            String inDocument = isOfCase ? path : "options." + path;

            assertThat(Modifier.isStatic(constant.getModifiers())).isTrue();
            assertThat(lies(inDocument.split("\\."), CaseDocument.class))
                    .as(path)
                    .isTrue();
        }
    }

    private static boolean lies(String[] names, Class<?> type) {
        if (names.length == 0) {
            return true;
        }
        String[] rest = Arrays.copyOfRange(names, 1, names.length);
        return kinds(type)
                .anyMatch(kind -> component(kind, names[0])
                        .filter(found -> lies(rest, held(found.getGenericType())))
                        .isPresent());
    }

    private static Stream<Class<?>> kinds(Class<?> type) {
        return type == FinancingDocument.class ? Stream.of(type.getPermittedSubclasses()) : Stream.of(type);
    }

    private static Optional<RecordComponent> component(Class<?> type, String name) {
        return type.isRecord()
                ? Arrays.stream(type.getRecordComponents())
                        .filter(component -> component.getName().equals(name))
                        .findFirst()
                : Optional.empty();
    }

    private static Class<?> held(Type type) {
        return type instanceof ParameterizedType list ? (Class<?>) list.getActualTypeArguments()[0] : (Class<?>) type;
    }

    @ParameterizedTest
    @MethodSource("conventions")
    void everyConventionOfTheDocumentIsKnown(Class<? extends Enum<?>> document, Class<? extends Enum<?>> core) {
        assertThat(names(core)).containsExactlyInAnyOrderElementsOf(names(document));
    }

    @Test
    void everyItemAtClosingHasAName() {
        assertThat(names(Name.class)).containsAll(names(ClosingItem.Kind.class));
    }

    private static List<String> names(Class<? extends Enum<?>> type) {
        return Arrays.stream(type.getEnumConstants()).map(Enum::name).toList();
    }

    static Stream<Arguments> conventions() {
        return Stream.of(
                Arguments.of(Convention.Compounding.class, Compounding.class),
                Arguments.of(Convention.Frequency.class, PaymentFrequency.class),
                Arguments.of(Convention.Rounding.class, PaymentRounding.class),
                Arguments.of(Convention.ExtraEffect.class, ExtraEffect.class),
                Arguments.of(Convention.Payer.class, app.impendium.core.cost.Payer.class),
                Arguments.of(Convention.ClosingKind.class, ClosingItem.Kind.class),
                Arguments.of(Convention.PayPeriod.class, PayPeriod.class),
                Arguments.of(Convention.Underwriting.class, Underwriting.class),
                Arguments.of(Convention.Measure.class, Measure.class),
                Arguments.of(Convention.Fact.class, Condition.Fact.class),
                Arguments.of(Convention.LettingBasis.class, LettingBasis.class));
    }
}
