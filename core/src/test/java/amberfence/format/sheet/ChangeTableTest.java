package amberfence.format.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.MoveTo;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

class ChangeTableTest {
    @Test
    void tellsEachChangeWithPlaceNamesDegreesAndReason() {
        String table = new String(ChangeTable.of(LanternFerry.song()), StandardCharsets.UTF_8);
        assertThat(table.lines().findFirst()).hasValue("part,partName,step,bar,beat,tick,startTick,fromPitch,fromName,"
                + "fromDegree,toPitch,toName,toDegree,reason");
        assertThat(table).contains("\r\n0,Voice line,Bring inside,2,4,0,2160,66,F♯4,♮3,65,F4,♭3,keeps the step; G4 would "
                + "repeat its neighbour\r\n");
        assertThat(table.lines().count()).isEqualTo(1 + 7 + 2);
    }

    @Test
    void quotesWhatHoldsCommas() {
        var song = LanternFerry.plain().withPart(0, part -> part.withName("Voice, \"high\""))
                .plusStep(0, BringInside.USUAL.withMoveTo(MoveTo.LEAVE_OUT));
        String table = new String(ChangeTable.of(song), StandardCharsets.UTF_8);
        assertThat(table).contains("0,\"Voice, \"\"high\"\"\",Bring inside,2,4,0,2160,66,F♯4,♮3,,,,outside notes are left out");
    }
}
