package amberfence.format.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.LineText;
import amberfence.notes.Role;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** By hand; 480 ticks a quarter in 4/4, a length of 1 is an eighth. */
class NoteTableTest {
    @Test
    void aRowForEachNoteAsTheStepsLeaveIt() {
        Song song = Song.empty("x").plusEmptyPart("Tune, \"high\"", Role.MELODY).plusEmptyPart("Kit", Role.DRUMS);
        int tune = song.parts().get(0).id();
        int kit = song.parts().get(1).id();
        song = song.withPart(tune, part -> part.withTake(take -> take.withLine(LineText.parse("C4:2@90 r:7 F#4", 240, 2, 100))))
                .withPart(kit, part -> part.withTake(take -> take.withLine(LineText.parse("C2", 240, 9, 200)))).withNextId(1000).plusStep(tune, BringInside.USUAL);
        String[] rows = new String(NoteTable.of(song), StandardCharsets.UTF_8).split("\r\n");
        assertThat(rows).hasSize(4);
        assertThat(rows[0]).isEqualTo("part,partName,bar,beat,tick,startTick,lengthTicks,pitch,name,degree,velocity,channel");
        assertThat(rows[1]).isEqualTo("0,\"Tune, \"\"high\"\"\",1,1,0,0,480,60,C4,1,90,3");
        assertThat(rows[2]).as("F♯ came inside, half way through the first beat of bar 2").startsWith("0,\"Tune, \"\"high\"\"\",2,1,240,2160,240,65,F4,4,");
        assertThat(rows[3]).as("drums have no degree").isEqualTo("1,Kit,1,1,0,0,240,36,C2,,80,10");
    }
}
