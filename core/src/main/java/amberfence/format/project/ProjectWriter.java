package amberfence.format.project;

import amberfence.notes.ChordSpan;
import amberfence.notes.KeySpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteColumns;
import amberfence.notes.NoteSet;
import amberfence.notes.StrongBeats;
import amberfence.song.LeftPlaces;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.PartSound;
import amberfence.song.Song;
import amberfence.song.Take;
import amberfence.step.NoteChoice;
import amberfence.step.Step;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonSerializable;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.jsontype.TypeSerializer;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.util.Base64;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;

/** Writes a project file: UTF-8 JSON. */
public final class ProjectWriter {
    static final String FORMAT = "amber-fence-project";
    static final int VERSION = 4;
    /** Stands for no track, and for no program, in a file. */
    static final int NONE = -1;
    /** The kind of source of a song that was read from a MusicXML file. */
    static final String SCORE = "score";
    /** Only the components of a step are its settings: what merely asks something of it is not written. */
    static final ObjectMapper MAPPER = JsonMapper.builder(JsonFactory.builder().streamReadConstraints(
                    // The MIDI data of a project is one long text; FileBytes says how long a file may be.
                    StreamReadConstraints.builder().maxStringLength(Integer.MAX_VALUE).build()).build())
            .disable(MapperFeature.AUTO_DETECT_IS_GETTERS, MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .enable(DeserializationFeature.FAIL_ON_READING_DUP_TREE_KEY, DeserializationFeature.FAIL_ON_TRAILING_TOKENS,
                    DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES, DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS,
                    DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .addModule(new Jdk8Module()).addModule(MusicJson.module()).build();

    private ProjectWriter() {
    }

    public static byte[] write(ProjectDocument document) {
        ObjectNode root = root(document.song());
        UnknownFields.carryOver(document.asRead(), root);
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a song could not be put into JSON", e);
        }
    }

    private static ObjectNode root(Song song) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION).put("title", song.title())
                .put("composer", song.credits().composer()).put("copyright", song.credits().copyright()).put("nextId", song.nextId());
        ObjectNode time = root.putObject("time").put("ticksPerQuarter", song.time().ticksPerQuarter());
        time.set("tempos", MAPPER.valueToTree(song.time().tempos()));
        ArrayNode metres = time.putArray("metres");
        song.time().metres().forEach(metre -> metres.addObject().put("tick", metre.tick())
                .put("numerator", metre.numerator()).put("denominator", metre.denominator()));
        if (song.time().strongBeats() == StrongBeats.FIRST_AND_MIDDLE) {
            time.put("strongBeats", EarlierMeaning.FIRST_AND_MIDDLE);
        }
        ObjectNode fence = root.putObject("fence");
        ArrayNode keys = fence.putArray("keys");
        song.fence().keys().spans().forEach(span -> keys.add(key(span)));
        ArrayNode allowed = fence.putArray("alwaysAllowed");
        song.fence().alwaysAllowed().numbers().forEach(allowed::add);
        song.fence().allowedNotes().ids().forEach(fence.putArray("allowedNotes")::add);
        ArrayNode scales = fence.putArray("ownScales");
        song.fence().ownScales().forEach(scale -> scales.addObject().put("name", scale.name())
                .put("semitones", scale.semitonesText()));
        ArrayNode chords = root.putArray("progression");
        for (ChordSpan span : song.progression().spans()) {
            ObjectNode chord = chords.addObject().put("id", span.id()).put("start", span.start()).put("end", span.end())
                    .put("chord", span.chord().plainText()).put("corrected", span.corrected())
                    .put("confidence", span.confidence());
            ArrayNode voicing = chord.putArray("voicing");
            span.voicing().ifPresent(some -> some.pitches().forEach(voicing::add));
        }
        root.putNull("chordBank");
        song.bank().ifPresent(bank -> {
            ArrayNode trigger = root.putArray("chordBank");
            bank.chords().forEach((key, pitches) -> pitches.forEach(trigger.addObject().put("key", key).putArray("pitches")::add));
        });
        ArrayNode left = root.putArray("leftPlaces");
        song.left().places().entrySet().stream().sorted(Comparator.comparing((Map.Entry<LeftPlaces.What, Note> entry) -> entry.getKey().kind())
                .thenComparing(Map.Entry::getValue, Note.IN_TIME)).forEach(entry -> left.addObject().put("kind", entry.getKey().kind()).set("note", note(entry.getValue())));
        ArrayNode parts = root.putArray("parts");
        song.parts().forEach(part -> parts.add(part(part)));
        ObjectNode source = root.putObject("source").put("midi", Base64.getEncoder().encodeToString(song.source().original().toArray()));
        if (song.origin().equals(Origin.SCORE)) {
            source.put("kind", SCORE);
        }
        return root;
    }

    private static ObjectNode key(KeySpan span) {
        var scale = span.key().scale();
        return MAPPER.createObjectNode().put("fromBar", span.fromBar()).put("tonic", span.key().tonic().plainText())
                .put("scale", scale.name()).put("semitones", scale.isOwn() ? scale.semitonesText() : "");
    }

    private static ObjectNode part(Part part) {
        ObjectNode node = MAPPER.createObjectNode().put("id", part.id()).put("name", part.name())
                .put("role", part.role().name()).put("track", part.track().orElse(NONE)).put("channel", part.channel())
                .put("currentTake", part.current());
        PartSound sound = part.sound();
        node.putObject("sound").put("muted", sound.muted()).put("solo", sound.solo()).put("volume", sound.volume())
                .put("program", sound.program().orElse(NONE));
        ArrayNode takes = node.putArray("takes");
        part.takes().forEach(take -> takes.add(take(take)));
        return node;
    }

    private static ObjectNode take(Take take) {
        ObjectNode node = MAPPER.createObjectNode().put("name", take.name());
        ArrayNode steps = node.putArray("steps");
        for (StepSlot slot : take.steps()) {
            Step step = slot.step();
            ObjectNode entry = steps.addObject().put("id", slot.id()).put("on", slot.on()).put("meant", slot.meant())
                    .put("kind", StepCatalogue.of(step).name());
            entry.set("settings", StepSettings.write(step));
            slot.left().ids().forEach(entry.putArray("left")::add);
            ResolvedNotes.write(slot.resolved(), entry);
            Optional<NoteSet> fixed = slot.limit().flatMap(NoteChoice::fixed);
            entry.put("pick", fixed.isPresent() ? "" : slot.limit().map(NoteChoice::text).orElse(""));
            ArrayNode frozen = entry.putArray("pickedNotes");
            fixed.ifPresent(notes -> notes.ids().forEach(frozen::add));
        }
        node.putPOJO("notes", new Notes(take.line()));
        return node;
    }

    /** Notes are written one after another: a million of them as nodes of a tree would fill the memory each time that work is kept. */
    private static final class Notes extends JsonSerializable.Base {
        private final Line line;

        private Notes(Line line) {
            this.line = line;
        }

        @Override
        public void serialize(JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeStartArray();
            NoteColumns notes = line.columns();
            for (int i = 0; i < notes.size(); i++) {
                long[] numbers = numbers(notes, i);
                out.writeArray(numbers, 0, numbers.length);
            }
            out.writeEndArray();
        }

        @Override
        public void serializeWithType(JsonGenerator out, SerializerProvider provider, TypeSerializer type) throws IOException {
            serialize(out, provider);
        }
    }

    private static ArrayNode note(Note note) {
        ArrayNode node = MAPPER.createArrayNode();
        LongStream.of(numbers(NoteColumns.of(List.of(note)), 0)).forEach(node::add);
        return node;
    }

    /** The seven numbers of a note, in their order in the file. */
    private static long[] numbers(NoteColumns notes, int place) {
        return new long[] {notes.id(place), notes.start(place), notes.length(place), notes.pitch(place), notes.velocity(place),
            notes.channel(place), notes.release(place)};
    }
}
