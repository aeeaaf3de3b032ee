package app.impendium.server.handout.content;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * A part of a chart, in pixels from its upper left corner: the same marks that the screen draws. A colour is the name of a token,
 * such as principal.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "mark")
@JsonSubTypes({
    @JsonSubTypes.Type(value = BarMark.class, name = BarMark.MARK),
    @JsonSubTypes.Type(value = AreaMark.class, name = AreaMark.MARK),
    @JsonSubTypes.Type(value = LineMark.class, name = LineMark.MARK),
    @JsonSubTypes.Type(value = WordsMark.class, name = WordsMark.MARK)
})
@Schema(
        oneOf = {BarMark.class, AreaMark.class, LineMark.class, WordsMark.class},
        discriminatorProperty = "mark",
        discriminatorMapping = {
            @DiscriminatorMapping(value = BarMark.MARK, schema = BarMark.class),
            @DiscriminatorMapping(value = AreaMark.MARK, schema = AreaMark.class),
            @DiscriminatorMapping(value = LineMark.MARK, schema = LineMark.class),
            @DiscriminatorMapping(value = WordsMark.MARK, schema = WordsMark.class)
        })
public sealed interface Mark permits BarMark, AreaMark, LineMark, WordsMark {}
