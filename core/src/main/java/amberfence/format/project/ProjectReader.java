package amberfence.format.project;

import amberfence.format.SongLimits;
import amberfence.format.UnreadableFileException;
import amberfence.format.midi.MidiReader;
import amberfence.notes.ChordBank;
import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.notes.Line;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.NoteIdentity;
import amberfence.notes.NoteSet;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.song.Credits;
import amberfence.song.LeftPlaces;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.PartSound;
import amberfence.song.Song;
import amberfence.song.Take;
import amberfence.step.NoteChoice;
import amberfence.step.StepSlot;
import amberfence.step.pick.Pick;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Range;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import amberfence.theory.Voicing;
import amberfence.words.Texts;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.ToLongFunction;

/** Reads a project file. */
public final class ProjectReader {
    private static final Range IDENTITY = new Range(Texts.text("an identity"), 1, (1L << 40) - 1);

    private static final Range NOT_NONE = new Range(Texts.text("an identity"), Long.MIN_VALUE, -1);

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
                throw new UnreadableFileException(Texts.say("%s is not an Amber Fence project", name));
            }
            Place place = Place.root(project);
            checkVersion(place.field("version"), name);
            return new ProjectDocument(SongLimits.checked(song(place), name), project);
        } catch (JsonProcessingException e) {
            JsonLocation at = e.getLocation();
            throw new UnreadableFileException(Texts.say("%s is damaged at line %s: what stands there is no JSON, at column %s",
                    name, at == null ? 1 : Math.max(1, at.getLineNr()), at == null ? 1 : Math.max(1, at.getColumnNr())));
        } catch (IOException e) {
            throw new UnreadableFileException(Texts.say("%s is damaged: its text cannot be decoded", name));
        } catch (Place.Impossible e) {
            throw new UnreadableFileException(Texts.say("%s holds something impossible: %s", name, shortened(e.getMessage())));
        } catch (IllegalArgumentException e) {
            throw new UnreadableFileException(Texts.say("%s holds something impossible: %s", name, shortened(String.valueOf(e.getMessage()))));
        }
    }

    private static String shortened(String message) {
        return message.length() <= 300 ? message : message.substring(0, 300) + "…";
    }

    private static void checkVersion(Place version, String name) throws UnreadableFileException {
        if (version.node().isIntegralNumber() && (!version.node().canConvertToInt() || version.number() > ProjectWriter.VERSION)
                && version.node().bigIntegerValue().signum() > 0) {
            throw new UnreadableFileException(Texts.say("%s was saved by a newer Amber Fence (format %s; this one reads up to %s); open it with that one",
                    name, shortened(version.node().asText()), ProjectWriter.VERSION));
        }
        if (version.number() < 1) {
            throw version.wrong(Texts.say("the first version was 1"));
        }
    }

    private static Song song(Place root) throws UnreadableFileException {
        Place time = root.field("time");
        TimeMap timeMap = time.make(() -> new TimeMap(time.field("ticksPerQuarter").number(),
                time.field("tempos").items().stream().map(tempo -> tempo.make(() -> new Tempo(tempo.field("tick").whole(),
                        tempo.field("microsecondsPerQuarter").number()))).toList(),
                time.field("metres").items().stream().map(metre -> metre.make(() -> new Metre(metre.field("tick").whole(),
                        metre.field("numerator").number(), metre.field("denominator").number()))).toList())
                .withStrongBeats(EarlierMeaning.strongBeats(time, root.field("version").number())));
        Fence fence = fence(root.field("fence"));
        Identities identities = new Identities(root.field("nextId"), IDENTITY, root.field("version").number());
        List<Part> parts = root.field("parts").items().stream().map(part -> part(part, identities)).toList();
        List<ChordSpan> chords = root.items("progression").stream().map(chord -> chord(chord, identities)).toList();
        Progression progression = root.make(() -> new Progression(chords));
        Optional<Song> source = source(root.field("source").field("midi"));
        Origin origin = source.map(Song::origin).orElseGet(() -> root.field("source").find("kind").filter(kind -> kind.text().equals(ProjectWriter.SCORE))
                .isPresent() ? Origin.SCORE : Origin.MADE);
        Credits credits = new Credits(root.find("composer").map(Place::text).orElse(""),
                root.find("copyright").map(Place::text).orElseGet(() -> source.map(read -> read.credits().copyright()).orElse("")));
        Optional<ChordBank> bank = root.find("chordBank").map(ProjectReader::bank);
        return root.make(() -> new Song(root.field("title").text(), credits, timeMap, fence, progression, parts, origin, bank,
                left(root), identities.next()));
    }

    private static LeftPlaces left(Place root) {
        // All of a kind at once, for there may be thousands.
        Map<String, List<Note>> notes = new LinkedHashMap<>();
        for (Place place : root.items("leftPlaces")) {
            notes.computeIfAbsent(place.field("kind").text(), kind -> new ArrayList<>()).add(note(place.field("note"), ProjectReader::anyNote));
        }
        LeftPlaces left = LeftPlaces.NONE;
        for (Map.Entry<String, List<Note>> kind : notes.entrySet()) {
            left = left.with(kind.getKey(), kind.getValue());
        }
        return left;
    }

    private static ChordBank bank(Place node) {
        ChordBank bank = ChordBank.EMPTY;
        for (Place key : node.items()) {
            int number = key.make(() -> Range.PITCH.check(key.field("key").number()));
            bank = bank.with(number, key.field("pitches").items().stream()
                    .map(pitch -> pitch.make(() -> Range.PITCH.check(pitch.number()))).toList());
        }
        return bank;
    }

    private static Fence fence(Place fence) {
        Place keys = fence.field("keys");
        KeyPlan plan = keys.make(() -> new KeyPlan(keys.items().stream().map(ProjectReader::key).toList()));
        PitchClassSet allowed = PitchClassSet.of(fence.field("alwaysAllowed").items().stream()
                .mapToInt(number -> number.make(() -> Range.PITCH_CLASS.check(number.number()))).toArray());
        List<Scale> own = fence.items("ownScales").stream().map(scale -> scale.make(() ->
                Scale.parseSemitones(scale.field("name").text(), scale.field("semitones").text()))).toList();
        return new Fence(plan, allowed, notes(fence.items("allowedNotes")), own);
    }

    /** The MIDI file that the song was read from. */
    private static Optional<Song> source(Place midi) throws UnreadableFileException {
        byte[] bytes;
        try {
            bytes = Base64.getDecoder().decode(midi.text());
        } catch (IllegalArgumentException e) {
            throw midi.wrong(Texts.say("the MIDI data is damaged; it is no Base64"));
        }
        return bytes.length == 0 ? Optional.empty()
                : Optional.of(MidiReader.read(bytes, Texts.say("the MIDI data inside the project")).song());
    }

    private static ChordSpan chord(Place node, Identities identities) {
        return node.make(() -> {
            List<Integer> voicing = node.items("voicing").stream().map(Place::number).toList();
            return new ChordSpan(identities.chord(node.field("id")), node.field("start").whole(), node.field("end").whole(),
                    Chord.parse(node.field("chord").text()), voicing.isEmpty() ? Optional.empty()
                    : Optional.of(new Voicing(voicing)), node.find("corrected").map(Place::flag).orElse(true),
                    node.find("confidence").map(Place::share).orElse(1.0));
        });
    }

    private static KeySpan key(Place node) {
        return node.make(() -> {
            String name = node.field("scale").text();
            String semitones = node.find("semitones").map(Place::text).orElse("");
            Scale scale = !semitones.isEmpty() ? Scale.parseSemitones(name, semitones) : Scales.named(name)
                    .orElseThrow(() -> node.field("scale").wrong(Texts.say("the scale “%s” is not known here", name)));
            return new KeySpan(node.field("fromBar").number(), new Key(NoteName.parse(node.field("tonic").text()), scale));
        });
    }

    private static Part part(Place node, Identities identities) {
        int id = identities.part(node.field("id"));
        List<Take> takes = node.field("takes").items().stream().map(take -> new Take(take.field("name").text(),
                line(take.field("notes"), id, identities), take.field("steps").items().stream()
                .map(step -> step(step, identities)).toList())).toList();
        Place role = node.field("role");
        return node.make(() -> new Part(id, node.field("name").text(), role.make(() -> role(role.text())),
                numberOrNone(node.field("track"), "the track", 0xFFFF), Range.CHANNEL.check(node.field("channel").number()), takes,
                node.field("currentTake").number(), node.find("sound").map(ProjectReader::sound).orElse(PartSound.USUAL)));
    }

    /** A number from 0, or −1 for none. */
    private static OptionalInt numberOrNone(Place place, String what, int most) {
        int number = place.make(() -> new Range(what, ProjectWriter.NONE, most).check(place.number()));
        return number == ProjectWriter.NONE ? OptionalInt.empty() : OptionalInt.of(number);
    }

    private static Role role(String text) {
        for (Role role : Role.values()) {
            if (role.name().equals(text)) {
                return role;
            }
        }
        throw new IllegalArgumentException(Texts.say("the role “%s” is not known here", text));
    }

    private static PartSound sound(Place node) {
        return node.make(() -> new PartSound(node.field("muted").flag(), node.field("solo").flag(), node.field("volume").number(),
                numberOrNone(node.field("program"), "General MIDI program", 127)));
    }

    private static Line line(Place notes, int part, Identities identities) {
        identities.beginLine(part);
        List<Note> read = notes.items().stream().map(note -> note(note, identities::note)).toList();
        return Line.of(read);
    }

    private static Note note(Place node, ToLongFunction<Place> identity) {
        List<Place> numbers = node.items();
        if (numbers.size() < 7) {
            throw node.wrong(Texts.say("a note is seven numbers, not %s", numbers.size()));
        }
        return node.make(() -> new Note(identity.applyAsLong(numbers.get(0)), numbers.get(1).whole(), numbers.get(2).whole(),
                numbers.get(3).number(), numbers.get(4).number(), numbers.get(5).number(), numbers.get(6).number()));
    }

    private static NoteSet notes(List<Place> ids) {
        return NoteSet.of(ids.stream().map(ProjectReader::anyNote).toList());
    }

    /** The identity of a note, be it made, so that it lies below 0. */
    private static long anyNote(Place id) {
        return id.make(() -> NoteIdentity.isOwn(id.whole()) ? IDENTITY.check(id.whole()) : NOT_NONE.check(id.whole()));
    }

    private static StepSlot step(Place node, Identities identities) {
        String kind = node.field("kind").text();
        Place settings = node.field("settings");
        // The first version kept the notes that are left among the settings.
        List<Place> left = settings.find("leftAlone").map(Place::items).orElseGet(() -> node.items("left"));
        settings.object().remove("leftAlone");
        Map<Long, String> resolved = ResolvedNotes.read(node, settings);
        String rule = node.find("pick").map(Place::text).orElse("");
        NoteSet frozen = notes(node.items("pickedNotes"));
        Optional<NoteChoice> limit = !rule.isEmpty() ? Optional.of(node.field("pick").make(() -> Pick.parse(rule)))
                : frozen.isEmpty() ? Optional.empty() : Optional.of(new Pick.Frozen(frozen));
        return new StepSlot(identities.step(node.field("id")), node.field("on").flag(), node.find("meant").map(Place::flag).orElse(false), EarlierMeaning.of(identities.isFirstVersion()
                ? FirstSettings.read(kind, settings) : StepSettings.read(kind, settings), identities.version()), limit,
                notes(left), resolved);
    }
}
