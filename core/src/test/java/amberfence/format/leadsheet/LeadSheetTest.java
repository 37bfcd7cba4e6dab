package amberfence.format.leadsheet;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.demo.SaltStair;
import amberfence.format.WrittenSong;
import amberfence.format.sheet.ChordChart;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Credits;
import amberfence.song.Part;
import amberfence.song.Song;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What a player finds on the pages: read from the text of the PDF, and from its ink. */
class LeadSheetTest {
    private static Set<Integer> all(Song song) {
        return song.parts().stream().map(Part::id).collect(Collectors.toSet());
    }

    private static WrittenSong written(Song song, boolean tune, boolean numerals) {
        return new LeadSheetFormat(tune, numerals).write(song, all(song));
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            return stripper.getText(document).replaceAll(" +", " ");
        }
    }

    @Test
    void saysTitleKeyMetreTempoAndComposer() throws Exception {
        Song song = LanternFerry.song().withCredits(new Credits("A. Somebody", ""));
        assertThat(text(written(song, true, false).content())).contains("Lantern Ferry", "D dorian · 6/8 · ♩. = 72", "A. Somebody");
    }

    @Test
    void hasEveryChordInItsOrder() throws Exception {
        Song song = SaltStair.song();
        List<String> symbols = song.progression().spans().stream().map(span -> span.chord().text()).toList();
        String chords = text(written(song, false, false).content()).lines().filter(line -> line.matches("(?:[A-G][♯♭]?\\S*\\s*)+")).collect(Collectors.joining(" "));
        assertThat(List.of(chords.strip().split("\\s+"))).isEqualTo(symbols);
    }

    @Test
    void hasRomanNumeralsWhereTheyAreWished() throws Exception {
        Song song = SaltStair.song();
        List<String> numerals = Pattern.compile("[^|\\s%/]+").matcher(ChordChart.numerals(song)).results().map(MatchResult::group).toList();
        assertThat(text(written(song, false, true).content()).split("\\s+")).containsAll(numerals);
        assertThat(text(written(song, false, false).content()).split("\\s+")).doesNotContain("iv7", "VII");
    }

    @Test
    void isTheSameFileEveryTime() {
        assertThat(written(LanternFerry.song(), true, true).content()).isEqualTo(written(LanternFerry.song(), true, true).content());
    }

    @Test
    void nothingRunsOverTheEdgesOfThePaper() throws Exception {
        for (Song song : List.of(LanternFerry.song(), SaltStair.song(), LanternFerry.song().withTitle("A name that is so long that nobody would ever want to see it on one line of paper"),
                Song.empty("Nothing yet"))) {
            for (boolean tune : new boolean[] {true, false}) {
                for (BufferedImage page : pages(written(song, tune, true).content())) {
                    assertThat(ink(page)).as(song.title()).isGreaterThan(200);
                    int margin = 40;
                    for (int y = 0; y < page.getHeight(); y++) {
                        for (int x = 0; x < page.getWidth(); x++) {
                            boolean inside = x >= margin && x < page.getWidth() - margin && y >= margin - 14 && y < page.getHeight() - margin;
                            assertThat(inside || page.getRGB(x, y) == 0xFFFFFFFF).as("ink at %s, %s of %s", x, y, song.title()).isTrue();
                        }
                    }
                }
            }
        }
    }

    @Test
    void linesOfFourBarsAreCounted() throws Exception {
        String text = text(written(LanternFerry.song(), true, false).content());
        for (int bar = 1; bar <= 32; bar += 4) {
            assertThat(text.lines()).as("bar " + bar).anyMatch(Pattern.compile("(^|\\s)" + bar + "(\\s|$)").asPredicate());
        }
    }

    @Test
    void tellsWhatIsNotOnTheSheet() {
        Song song = SaltStair.song();
        Song overlapping = song.withPart(song.parts().get(0).id(), part -> part.withTake(take -> take.withLine(Line.of(
                List.of(new Note(900_001, 0, 1920, 60, 90, 0, 64), new Note(900_002, 480, 1920, 67, 90, 0, 64))))));
        assertThat(new LeadSheetFormat(true, false).write(overlapping, Set.of(song.parts().get(0).id())).notices()).extracting(Object::toString)
                .anyMatch(notice -> notice.contains("1 note that overlaps others is not on the lead sheet"));
    }

    private static List<BufferedImage> pages(byte[] pdf) throws Exception {
        List<BufferedImage> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                pages.add(renderer.renderImage(i));
            }
        }
        return pages;
    }

    private static int ink(BufferedImage page) {
        int dark = 0;
        for (int y = 0; y < page.getHeight(); y++) {
            for (int x = 0; x < page.getWidth(); x++) {
                dark += (page.getRGB(x, y) & 0xFF) < 128 ? 1 : 0;
            }
        }
        return dark;
    }
}
