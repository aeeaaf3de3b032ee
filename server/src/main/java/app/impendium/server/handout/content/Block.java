package app.impendium.server.handout.content;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;

/** A piece of a section, told apart by its kind. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = SentenceBlock.class, name = SentenceBlock.KIND),
    @JsonSubTypes.Type(value = TextBlock.class, name = TextBlock.KIND),
    @JsonSubTypes.Type(value = NoteBlock.class, name = NoteBlock.KIND),
    @JsonSubTypes.Type(value = FactsBlock.class, name = FactsBlock.KIND),
    @JsonSubTypes.Type(value = TableBlock.class, name = TableBlock.KIND),
    @JsonSubTypes.Type(value = ChartBlock.class, name = ChartBlock.KIND)
})
@Schema(
        oneOf = {
            SentenceBlock.class,
            TextBlock.class,
            NoteBlock.class,
            FactsBlock.class,
            TableBlock.class,
            ChartBlock.class
        },
        discriminatorProperty = "kind",
        discriminatorMapping = {
            @DiscriminatorMapping(value = SentenceBlock.KIND, schema = SentenceBlock.class),
            @DiscriminatorMapping(value = TextBlock.KIND, schema = TextBlock.class),
            @DiscriminatorMapping(value = NoteBlock.KIND, schema = NoteBlock.class),
            @DiscriminatorMapping(value = FactsBlock.KIND, schema = FactsBlock.class),
            @DiscriminatorMapping(value = TableBlock.KIND, schema = TableBlock.class),
            @DiscriminatorMapping(value = ChartBlock.KIND, schema = ChartBlock.class)
        })
public sealed interface Block permits SentenceBlock, TextBlock, NoteBlock, FactsBlock, TableBlock, ChartBlock {}
