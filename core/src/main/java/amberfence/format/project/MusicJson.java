package amberfence.format.project;

import amberfence.notes.Grid;
import amberfence.step.ChordSource;
import amberfence.theory.Key;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.Optional;
import java.util.function.Function;

/** Writes keys and grids in JSON the way people write them: {@code "Bb minor"}, {@code "1/8t"}. */
final class MusicJson {
    private MusicJson() {
    }

    static SimpleModule module() {
        SimpleModule module = new SimpleModule("music");
        module.addSerializer(Key.class, new Text<>(Key.class, Key::plainText));
        // Where a key may be missing, an empty text stands for none.
        module.addDeserializer(Key.class, new FromText<>(Key.class, text -> text.isEmpty() ? null : Key.parse(text)));
        module.addSerializer(Grid.class, new Text<>(Grid.class, Grid::text));
        module.addDeserializer(Grid.class, new FromText<>(Grid.class, Grid::parse));
        module.addSerializer(ChordSource.class, new Source());
        module.addDeserializer(ChordSource.class, new FromSource());
        return module;
    }

    /** Where chords come from, with the number of a part in every case. */
    private static final class Source extends StdSerializer<ChordSource> {
        private static final long serialVersionUID = 1;

        Source() {
            super(ChordSource.class);
        }

        @Override
        public void serialize(ChordSource source, JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeStartObject();
            out.writeStringField("from", source.from().name());
            out.writeNumberField("part", source.part().orElse(0));
            out.writeStringField("gaps", source.gaps().name());
            out.writeEndObject();
        }
    }

    private static final class FromSource extends StdDeserializer<ChordSource> {
        private static final long serialVersionUID = 1;

        FromSource() {
            super(ChordSource.class);
        }

        @Override
        public ChordSource deserialize(JsonParser in, DeserializationContext context) throws IOException {
            JsonNode node = context.readTree(in);
            ChordSource.From from = ChordSource.From.valueOf(node.path("from").asText());
            return new ChordSource(from, Optional.of(node.path("part").asInt()), ChordSource.Gaps.valueOf(node.path("gaps").asText()));
        }
    }

    private static final class Text<T> extends StdSerializer<T> {
        private static final long serialVersionUID = 1;
        private final transient Function<T, String> write;

        Text(Class<T> type, Function<T, String> write) {
            super(type);
            this.write = write;
        }

        @Override
        public void serialize(T value, JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeString(write.apply(value));
        }
    }

    private static final class FromText<T> extends StdDeserializer<T> {
        private static final long serialVersionUID = 1;
        private final transient Function<String, T> read;

        FromText(Class<T> type, Function<String, T> read) {
            super(type);
            this.read = read;
        }

        @Override
        public T deserialize(JsonParser in, DeserializationContext context) throws IOException {
            return read.apply(in.getValueAsString());
        }
    }
}
