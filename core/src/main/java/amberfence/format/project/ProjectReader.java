package amberfence.format.project;

import amberfence.format.UnreadableFileException;
import amberfence.format.midi.MidiReader;
import amberfence.song.ChordSpan;
import amberfence.song.Fence;
import amberfence.song.KeyPlan;
import amberfence.song.KeySpan;
import amberfence.song.Limit;
import amberfence.song.Line;
import amberfence.song.Metre;
import amberfence.song.Note;
import amberfence.song.NoteSet;
import amberfence.song.Part;
import amberfence.song.PartSound;
import amberfence.song.Progression;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.song.SourceFile;
import amberfence.song.StepSlot;
import amberfence.song.Take;
import amberfence.song.Tempo;
import amberfence.song.TimeMap;
import amberfence.step.StepKind;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.pick.Pick;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import amberfence.theory.Voicing;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.StreamSupport;

/** Reads a project file. */
public final class ProjectReader {
    private static final long MOST_IDENTITIES = 100_000_000;

    private ProjectReader() {
    }

    /**
     * Reads a project.
     *
     * @param name what to call the file in messages
     * @throws UnreadableFileException when it is no project, is damaged, or comes from a newer version
     */
    public static ProjectDocument read(byte[] bytes, String name) throws UnreadableFileException {
        try {
            JsonNode root = ProjectWriter.MAPPER.readTree(bytes);
            if (!(root instanceof ObjectNode project) || !root.path("format").asText().equals(ProjectWriter.FORMAT)) {
                throw new UnreadableFileException(name + " is not an Amber Fence project");
            }
            int version = project.path("version").asInt(0);
            if (version > ProjectWriter.VERSION) {
                throw new UnreadableFileException(name + " was saved by a newer Amber Fence (format " + version
                        + "; this one reads up to " + ProjectWriter.VERSION + "); open it with that one");
            }
            return new ProjectDocument(song(project), project);
        } catch (JsonProcessingException e) {
            throw new UnreadableFileException(name + " is damaged at line " + (e.getLocation() == null ? "?"
                    : e.getLocation().getLineNr()) + ": " + e.getOriginalMessage());
        } catch (IOException e) {
            throw new UnreadableFileException(name + " cannot be read: " + e.getMessage());
        } catch (IllegalArgumentException e) {
            throw new UnreadableFileException(name + " holds something impossible: " + e.getMessage());
        }
    }

    private static JsonNode need(JsonNode node, String field) {
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            throw new IllegalArgumentException("the field “" + field + "” is missing");
        }
        return value;
    }

    private static Iterable<JsonNode> list(JsonNode node, String field) {
        return need(node, field);
    }

    private static <T> List<T> map(JsonNode node, String field, Function<JsonNode, T> read) {
        return StreamSupport.stream(list(node, field).spliterator(), false).map(read).toList();
    }

    /** Identities index arrays when a file is written, so they must be where {@code nextId} says they are. */
    private static void checkIdentities(List<Part> parts, long nextId) {
        if (nextId < 1 || nextId > MOST_IDENTITIES) {
            throw new IllegalArgumentException("nextId must be 1 to " + MOST_IDENTITIES + ", not " + nextId);
        }
        for (Part part : parts) {
            for (Take take : part.takes()) {
                for (Note note : take.line().notes()) {
                    if (note.id() < 1 || note.id() >= nextId) {
                        throw new IllegalArgumentException("the note " + note.id() + " of “" + part.name()
                                + "” is not below nextId, which is " + nextId);
                    }
                }
            }
        }
    }

    private static Song song(ObjectNode root) throws IOException, UnreadableFileException {
        JsonNode time = need(root, "time");
        TimeMap timeMap = new TimeMap(need(time, "ticksPerQuarter").asInt(),
                map(time, "tempos", n -> new Tempo(need(n, "tick").asLong(), need(n, "microsecondsPerQuarter").asInt())),
                map(time, "metres", n -> new Metre(need(n, "tick").asLong(), need(n, "numerator").asInt(),
                        need(n, "denominator").asInt())));
        JsonNode fence = need(root, "fence");
        KeyPlan keys = new KeyPlan(map(fence, "keys", ProjectReader::key));
        PitchClassSet allowed = PitchClassSet.of(map(fence, "alwaysAllowed", JsonNode::asInt).stream()
                .mapToInt(Integer::intValue).toArray());
        List<Part> parts = new ArrayList<>();
        for (JsonNode part : list(root, "parts")) {
            parts.add(part(part));
        }
        NoteSet allowedNotes = notes(fence.path("allowedNotes"));
        List<Scale> own = new ArrayList<>();
        fence.path("ownScales").forEach(scale -> own.add(Scale.parseSemitones(need(scale, "name").asText(),
                need(scale, "semitones").asText())));
        checkIdentities(parts, need(root, "nextId").asLong());
        List<ChordSpan> chords = new ArrayList<>();
        root.path("progression").forEach(chord -> chords.add(chord(chord)));
        return new Song(need(root, "title").asText(), timeMap, new Fence(keys, allowed, allowedNotes, own),
                new Progression(chords), parts,
                source(need(need(root, "source"), "midi").asText(), timeMap), need(root, "nextId").asLong());
    }

    private static SourceFile source(String midi, TimeMap time) throws UnreadableFileException {
        byte[] bytes = Base64.getDecoder().decode(midi);
        return bytes.length == 0 ? SourceFile.none(time.ticksPerQuarter())
                : MidiReader.read(bytes, "the MIDI data inside the project").song().source();
    }

    private static ChordSpan chord(JsonNode node) {
        List<Integer> voicing = new ArrayList<>();
        node.path("voicing").forEach(pitch -> voicing.add(pitch.asInt()));
        return new ChordSpan(need(node, "id").asLong(), need(node, "start").asLong(), need(node, "end").asLong(),
                Chord.parse(need(node, "chord").asText()), voicing.isEmpty() ? Optional.empty()
                : Optional.of(new Voicing(voicing)), node.path("corrected").asBoolean(true),
                node.path("confidence").asDouble(1));
    }

    private static KeySpan key(JsonNode node) {
        String name = need(node, "scale").asText();
        String semitones = node.path("semitones").asText();
        Scale scale = !semitones.isEmpty() ? Scale.parseSemitones(name, semitones) : Scales.named(name)
                .orElseThrow(() -> new IllegalArgumentException("the scale “" + name + "” is not known here"));
        return new KeySpan(need(node, "fromBar").asInt(), new Key(NoteName.parse(need(node, "tonic").asText()), scale));
    }

    private static Part part(JsonNode node) throws IOException {
        List<Take> takes = new ArrayList<>();
        for (JsonNode take : list(node, "takes")) {
            List<StepSlot> steps = new ArrayList<>();
            for (JsonNode step : list(take, "steps")) {
                steps.add(step(step));
            }
            takes.add(new Take(need(take, "name").asText(), Line.of(map(take, "notes", ProjectReader::note)), steps));
        }
        return new Part(need(node, "id").asInt(), need(node, "name").asText(), Role.valueOf(need(node, "role").asText()),
                need(node, "track").asInt(), need(node, "channel").asInt(), takes, need(node, "currentTake").asInt(),
                node.has("sound") ? ProjectWriter.MAPPER.convertValue(node.get("sound"), PartSound.class) : PartSound.USUAL);
    }

    private static Note note(JsonNode node) {
        if (node.size() < 7) {
            throw new IllegalArgumentException("a note is seven numbers, not " + node);
        }
        return new Note(node.get(0).asLong(), node.get(1).asLong(), node.get(2).asLong(), node.get(3).asInt(),
                node.get(4).asInt(), node.get(5).asInt(), node.get(6).asInt());
    }

    private static NoteSet notes(JsonNode list) {
        List<Long> ids = new ArrayList<>();
        list.forEach(id -> {
            if (id.asLong() < 1 || id.asLong() > MOST_IDENTITIES) {
                throw new IllegalArgumentException("a note's identity is 1 to " + MOST_IDENTITIES + ", not " + id);
            }
            ids.add(id.asLong());
        });
        return NoteSet.of(ids);
    }

    private static StepSlot step(JsonNode node) throws IOException {
        String kindId = need(node, "kind").asText();
        StepKind kind = StepCatalogue.find(kindId)
                .orElseThrow(() -> new IllegalArgumentException("the step “" + kindId + "” is not known here"));
        ObjectNode settings = (ObjectNode) need(node, "settings");
        // The first version kept the notes that are left among the settings.
        JsonNode leftBefore = settings.remove("leftAlone");
        String rule = node.path("pick").asText();
        NoteSet frozen = notes(node.path("pickedNotes"));
        Optional<Limit> limit = !rule.isEmpty() ? Optional.of(Pick.parse(rule))
                : frozen.isEmpty() ? Optional.empty() : Optional.of(new Pick.Frozen(frozen));
        return new StepSlot(need(node, "id").asLong(), need(node, "on").asBoolean(),
                ProjectWriter.MAPPER.treeToValue(settings, kind.usual().getClass()), limit,
                notes(leftBefore != null ? leftBefore : node.path("left")));
    }
}
