package amberfence.format.musicxml;

import static amberfence.format.musicxml.Scores.note;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.format.FileBytes;
import amberfence.format.ReadSong;
import amberfence.format.UnreadableFileException;
import java.io.ByteArrayOutputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files that mean no good, or that are damaged: one sentence each, and nothing that they name is opened. */
class HostileScoresTest {
    private static final String TUNE = Scores.of(note("C4", 16));

    private static void refused(String xml, String because) {
        assertThatThrownBy(() -> Scores.read(xml)).isInstanceOf(UnreadableFileException.class).hasMessageContaining("score.musicxml").hasMessageContaining(because);
    }

    @Test
    void refusesEntitiesThatGrow() {
        StringBuilder bomb = new StringBuilder("<!DOCTYPE score-partwise [<!ENTITY a0 \"x\">");
        for (int i = 1; i < 40; i++) {
            bomb.append("<!ENTITY a").append(i).append(" \"&a").append(i - 1).append(";&a").append(i - 1).append(";\">");
        }
        refused(bomb + "]>" + TUNE.replace("Tune", "&a39;"), "declares an entity");
    }

    @Test
    void refusesEntitiesFromElsewhere(@TempDir Path folder) throws Exception {
        Path secret = Files.writeString(folder.resolve("secret"), "hidden words");
        refused("<!DOCTYPE score-partwise [<!ENTITY x SYSTEM \"" + secret.toUri() + "\">]>" + TUNE.replace("Tune", "&x;"), "declares an entity");
        refused("<!DOCTYPE score-partwise [<!ENTITY % x SYSTEM \"" + secret.toUri() + "\"> %x;]>" + TUNE, "declares an entity");
    }

    @Test
    void readsAUsualDocumentTypeWithoutFetchingIt() throws Exception {
        ReadSong read = Scores.read("<?xml version=\"1.0\"?><!DOCTYPE score-partwise PUBLIC \"-//Recordare//DTD MusicXML 4.0 Partwise//EN\" \"http://127.0.0.1:9/partwise.dtd\">" + TUNE);
        assertThat(Scores.notes(read)).isEqualTo("C4@0+16");
    }

    @Test
    void refusesWhatIsNoScore() {
        refused("<html><body/></html>", "begins with “html”");
        refused("not even XML", "no proper XML");
        refused(TUNE.substring(0, TUNE.length() - 30), "no proper XML");
        refused(TUNE.replace("<score-partwise version", "<score-partwise xmlns=\"http://example.org/other\" version"), "namespace");
        refused("<score-partwise version=\"4.0\"><part-list/></score-partwise>", "no part");
        refused("<score-partwise>" + "<credit>".repeat(300) + "</credit>".repeat(300) + "</score-partwise>", "200 levels");
        refused(Scores.of(note("C4", 16).replace("<duration>16", "<duration>999999999")), "100000 quarters");
        refused(Scores.of(note("C4", 16).replace("<duration>16", "<duration>1e999999999")), "100000 quarters");
    }

    @Test
    void refusesFilesThatAreTooLarge(@TempDir Path folder) throws Exception {
        Path large = folder.resolve("large.musicxml");
        try (RandomAccessFile file = new RandomAccessFile(large.toFile(), "rw")) {
            file.setLength(50L << 20);
        }
        assertThatThrownBy(() -> FileBytes.read(large, MusicXmlFormat.PLAIN.mostBytes())).isInstanceOf(UnreadableFileException.class).hasMessageContaining("up to 32 MB");
    }

    @Test
    void refusesWhatUnpacksWithoutEnd() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("score.musicxml"));
            for (int i = 0; i < 80; i++) {
                zip.write(new byte[1 << 20]);
            }
        }
        assertThatThrownBy(() -> MusicXmlFormat.COMPRESSED.read(bytes.toByteArray(), "bomb.mxl")).isInstanceOf(UnreadableFileException.class)
                .hasMessage("bomb.mxl unpacks to more than 64 MB");
    }

    @Test
    void refusesAPackedFileThatNamesNoScore() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("score.musicxml"));
            zip.write(TUNE.getBytes(StandardCharsets.UTF_8));
        }
        assertThatThrownBy(() -> MusicXmlFormat.COMPRESSED.read(bytes.toByteArray(), "odd.mxl")).isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining("container.xml is missing");
        byte[] good = CompressedScore.pack(TUNE.getBytes(StandardCharsets.UTF_8));
        byte[] cut = java.util.Arrays.copyOf(good, good.length / 2);
        assertThatThrownBy(() -> MusicXmlFormat.COMPRESSED.read(cut, "cut.mxl")).isInstanceOf(UnreadableFileException.class).hasMessageContaining("cut.mxl");
    }

    @Test
    void damagedFilesAreReadOrRefusedAndNothingElse() throws Exception {
        byte[] good = MusicXmlFormat.PLAIN.write(amberfence.demo.LanternFerry.song(), java.util.Set.of(0, 1)).content();
        Random random = new Random(7);
        int refused = 0;
        for (int i = 0; i < 60; i++) {
            byte[] damaged = good.clone();
            for (int j = 0; j < 1 + i % 4; j++) {
                damaged[random.nextInt(damaged.length)] = (byte) ('0' + random.nextInt(40));
            }
            try {
                MusicXmlFormat.PLAIN.read(damaged, "damaged.musicxml");
            } catch (UnreadableFileException e) {
                refused++;
            }
        }
        assertThat(refused).as("some break the XML, most only a value").isBetween(5, 59);
    }
}
