package hingeyard.formats;

import hingeyard.core.bike.Point;
import hingeyard.core.explain.Figure;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.quantity.Voltage;
import java.util.function.BiConsumer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * How core answers go to a program: a length as whole micrometres, a voltage as whole millivolts, a torque range in both
 * units as text, a figure's amount with kind, unit and text, a point as {@code [x, y]} in tenths of a millimetre at the finest.
 */
public final class AnswerJson {

    private AnswerJson() {
    }

    public static SimpleModule module() {
        SimpleModule module = new SimpleModule("answers");
        as(module, Length.class, (l, out) -> out.writeNumber(l.micrometres()));
        module.addDeserializer(Length.class, new ValueDeserializer<Length>() {
            @Override
            public Length deserialize(JsonParser in, DeserializationContext context) {
                return Length.ofMicrometres(in.getLongValue());
            }
        });
        as(module, Voltage.class, (v, out) -> out.writeNumber(v.millivolts()));
        as(module, Current.class, (c, out) -> out.writeString(c.text()));
        as(module, Mass.class, (m, out) -> out.writeString(m.text()));
        as(module, TorqueRange.class, (t, out) -> {
            out.writeStartObject();
            out.writeStringProperty("newtonMetres", t.newtonMetres());
            out.writeStringProperty("footPounds", t.footPounds());
            out.writeEndObject();
        });
        as(module, Point.class, (p, out) -> {
            out.writeStartArray();
            out.writeNumber(Math.round(p.x() * 10) / 10.0);
            out.writeNumber(Math.round(p.y() * 10) / 10.0);
            out.writeEndArray();
        });
        module.addDeserializer(Point.class, new ValueDeserializer<Point>() {
            @Override
            public Point deserialize(JsonParser in, DeserializationContext context) {
                double[] xy = in.readValueAs(double[].class);
                return new Point(xy[0], xy[1]);
            }
        });
        as(module, Figure.class, (f, out) -> {
            out.writeStartObject();
            out.writeStringProperty("label", f.label());
            out.writeStringProperty("kind", f.amount().kind());
            out.writeStringProperty("text", f.amount().text());
            out.writeStringProperty("origin", f.origin().name());
            out.writeStringProperty("source", f.source());
            out.writeEndObject();
        });
        return module;
    }

    private static <T> void as(SimpleModule module, Class<T> type, BiConsumer<T, JsonGenerator> write) {
        module.addSerializer(type, new ValueSerializer<T>() {
            @Override
            public void serialize(T value, JsonGenerator out, SerializationContext context) {
                write.accept(value, out);
            }
        });
    }
}
