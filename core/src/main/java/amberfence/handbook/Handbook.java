package amberfence.handbook;

import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.words.Texts;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The handbook: pages about the work, then one for each step, which says what its schema says, and why one would want it where that is written. The texts
 * ship beside this class, in a folder for each language.
 */
public record Handbook(List<HandbookPage> pages) {
    /** The pages about the work, in the order of reading. */
    static final List<String> TOPICS = List.of("begin", "fence", "ladder", "steps", "chords", "fitting", "playing", "picks", "reading-through",
            "files", "commands", "words");
    private static final String STEPS = "each-step";
    private static final int AROUND = 50;

    public Handbook {
        pages = List.copyOf(pages);
    }

    /** The handbook in the language of the texts. */
    public static Handbook shipped() {
        return shipped(Texts.language());
    }

    static Handbook shipped(String language) {
        List<HandbookPage> pages = new ArrayList<>();
        for (String topic : TOPICS) {
            HandbookText.Titled read = HandbookText.read(text(language, topic)).get(0);
            pages.add(new HandbookPage(topic, read.title(), Optional.empty(), read.blocks()));
        }
        Map<String, HandbookText.Titled> said = HandbookText.read(text(language, STEPS)).stream()
                .collect(Collectors.toMap(HandbookText.Titled::title, Function.identity()));
        for (StepSchema<?> schema : StepCatalogue.all()) {
            pages.add(page(schema, said.containsKey(schema.name()) ? said.get(schema.name()).blocks() : List.of()));
        }
        return new Handbook(pages);
    }

    private static HandbookPage page(StepSchema<?> schema, List<HandbookBlock> said) {
        List<HandbookBlock> blocks = new ArrayList<>();
        blocks.add(new HandbookBlock.Paragraph(List.of(Piece.of(schema.meaning(), Piece.Look.STRONG))));
        blocks.addAll(said);
        schema.examples().forEach(example -> blocks.add(new HandbookBlock.Worked(HandbookExample.parse(schema.name(), example))));
        blocks.add(new HandbookBlock.Settings(schema));
        return new HandbookPage(schema.name(), schema.title(), Optional.of(schema), blocks);
    }

    private static String text(String language, String name) {
        try (InputStream in = Handbook.class.getResourceAsStream(language + "/" + name + ".md")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The page of a name. */
    public Optional<HandbookPage> page(String name) {
        return pages.stream().filter(page -> page.name().equals(name)).findFirst();
    }

    /** The pages that hold every word of a text, whatever its case and its marks; those whose title does come first. */
    public List<Found> search(String text) {
        List<String> wanted = Arrays.stream(bare(text).split("\\s+")).filter(word -> !word.isEmpty()).toList();
        List<Found> titled = new ArrayList<>();
        List<Found> others = new ArrayList<>();
        for (HandbookPage page : wanted.isEmpty() ? List.<HandbookPage>of() : pages) {
            String all = page.title() + " · " + page.blocks().stream().map(HandbookBlock::plain).collect(Collectors.joining(" · "));
            String bare = bare(all);
            if (wanted.stream().allMatch(bare(page.title())::contains)) {
                titled.add(new Found(page, page.blocks().get(0).plain()));
            } else if (wanted.stream().allMatch(bare::contains)) {
                others.add(new Found(page, around(all, bare.indexOf(wanted.get(0)), wanted.get(0).length())));
            }
        }
        titled.addAll(others);
        return titled;
    }

    /** Some whole words before and behind a place. */
    private static String around(String text, int at, int length) {
        int from = at <= AROUND ? 0 : text.indexOf(' ', at - AROUND) + 1;
        int last = text.lastIndexOf(' ', at + length + AROUND);
        int to = at + length + AROUND >= text.length() || last < at + length ? text.length() : last;
        return (from == 0 ? "" : "… ") + text.substring(Math.min(from, at), to).strip() + (to == text.length() ? "" : " …");
    }

    /** In small letters without marks, each letter in its place. */
    private static String bare(String text) {
        StringBuilder bare = new StringBuilder();
        for (char letter : text.toCharArray()) {
            bare.append(Normalizer.normalize(String.valueOf(letter), Normalizer.Form.NFD).charAt(0));
        }
        return bare.toString().toLowerCase(Locale.ROOT);
    }
}
