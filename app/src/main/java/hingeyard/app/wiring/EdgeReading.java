package hingeyard.app.wiring;

import com.fasterxml.jackson.annotation.Nulls;
import java.math.BigDecimal;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * How requests are read: text that a screen and a paper can show, numbers that a shop can mean, lists without holes, and no more of any
 * than
 * a memory holds. What is stored is read by the application's own reader: what was taken once stays readable.
 */
@Configuration
class EdgeReading implements WebMvcConfigurer {

    /** Sheets, surveys and price lists come as one text. */
    private static final int LONGEST_TEXT = 500_000;
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_NUMBER = 40;
    private static final int DEEPEST = 40;
    private static final long MOST_TOKENS = 100_000;
    private static final int MOST_DIGITS = 20;
    private static final int MOST_DECIMALS = 12;

    private final ObjectProvider<JsonMapperBuilderCustomizer> asElsewhere;

    EdgeReading(ObjectProvider<JsonMapperBuilderCustomizer> asElsewhere) {
        this.asElsewhere = asElsewhere;
    }

    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
        JsonFactory bounded = JsonFactory.builder().streamReadConstraints(StreamReadConstraints.builder().maxStringLength(LONGEST_TEXT)
                .maxNameLength(LONGEST_NAME).maxNumberLength(LONGEST_NUMBER).maxNestingDepth(DEEPEST).maxTokenCount(MOST_TOKENS).build())
                .build();
        JsonMapper.Builder reader = new JsonMapper.Builder(bounded);
        asElsewhere.orderedStream().forEach(c -> c.customize(reader));
        converters.withJsonConverter(new JacksonJsonHttpMessageConverter(reader
                .addModule(new SimpleModule("what a request may hold").addDeserializer(String.class, new PlainText())
                        .addDeserializer(BigDecimal.class, new MeantNumber()))
                .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL)).build()));
    }

    /**
     * Text without what no font draws and no paper prints: control signs but tab and line's end, halves of letters, signs that are none.
     */
    static boolean showable(String text) {
        return text.codePoints().noneMatch(c -> Character.isISOControl(c) && c != '\t' && c != '\n' && c != '\r'
                || c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE || (c & 0xFFFE) == 0xFFFE || c >= 0xFDD0 && c <= 0xFDEF);
    }

    private static final class PlainText extends StdScalarDeserializer<String> {

        PlainText() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            String text = parser.getValueAsString();
            if (text == null) {
                return (String) context.handleUnexpectedToken(String.class, parser);
            }
            return showable(text) ? text
                    : (String) context.handleWeirdStringValue(String.class, text, "text without control signs and signs that no font has");
        }
    }

    private static final class MeantNumber extends StdScalarDeserializer<BigDecimal> {

        MeantNumber() {
            super(BigDecimal.class);
        }

        @Override
        public BigDecimal deserialize(JsonParser parser, DeserializationContext context) {
            BigDecimal number = switch (parser.currentToken()) {
                case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> parser.getDecimalValue();
                default -> (BigDecimal) context.handleUnexpectedToken(BigDecimal.class, parser);
            };
            return Math.abs((long) number.scale()) <= MOST_DECIMALS && number.precision() <= MOST_DIGITS ? number
                    : (BigDecimal) context.handleWeirdNumberValue(BigDecimal.class, number.round(java.math.MathContext.DECIMAL32),
                            "a number of at most %d digits, %d behind the point".formatted(MOST_DIGITS, MOST_DECIMALS));
        }
    }
}
