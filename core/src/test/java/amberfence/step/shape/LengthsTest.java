package amberfence.step.shape;

import static amberfence.step.Doing.doing;

import amberfence.step.shape.Lengths.How;
import org.junit.jupiter.api.Test;

class LengthsTest {
    @Test
    void legatoLastsUntilTheNextNoteOfTheVoice() {
        doing(Lengths.of(How.LEGATO)).onTicks(0, 100, 240, 260, 480, 700).givesTicks(0, 240, 240, 480, 480, 700)
                .because("up to the next note, 140 ticks longer", "up to the next note, 220 ticks longer");
        doing(Lengths.of(How.LEGATO)).on("[C4 E4 G4] r [D4 F4 A4]:2").gives("[C4 E4 G4]:2 [D4 F4 A4]:2");
    }

    @Test
    void staccatoCutsToAShareOfTheWayAndLengthensNothing() {
        doing(new Lengths(How.STACCATO, 50)).onTicks(0, 240, 240, 300, 480, 720).givesTicks(0, 120, 240, 300, 480, 720);
    }

    @Test
    void aShareAndAnOffsetChangeEachNoteByItself() {
        doing(new Lengths(How.SHARE, 50)).onTicks(0, 101, 200, 201).givesTicks(0, 51, 200, 201);
        doing(new Lengths(How.SHARE, 200)).onTicks(0, 100, 300, 301).givesTicks(0, 200, 300, 302);
        doing(new Lengths(How.OFFSET, -20)).onTicks(0, 100, 200, 210).givesTicks(0, 80, 200, 201);
    }

    @Test
    void trimsOnlyWhatReachesALittleIntoTheNextNote() {
        doing(Lengths.of(How.TRIM_OVERLAPS)).onTicks(0, 250, 240, 480).givesTicks(0, 240, 240, 480)
                .because("overlap with the next note trimmed, 10 ticks shorter");
        // More than half of the note lies under the next one: a second voice, not an overlap.
        doing(Lengths.of(How.TRIM_OVERLAPS)).on("[C4 E4]:4").gives("[C4 E4]:4").because();
    }

    @Test
    void closesGapsShorterThanTheAmount() {
        doing(new Lengths(How.CLOSE_GAPS, 40)).onTicks(0, 220, 240, 400, 480, 500).givesTicks(0, 240, 240, 400, 480, 500)
                .because("small gap closed, 20 ticks longer");
    }

    @Test
    void fillsASpanWithAllNotesTogether() {
        doing(new Lengths(How.FILL, 960)).onTicks(0, 100, 240, 480).givesTicks(0, 200, 480, 960);
        doing(new Lengths(How.FILL, 960)).onTicks(100, 200, 300, 530).givesTicks(100, 300, 500, 960);
        doing(new Lengths(How.FILL, 240)).onTicks(240, 480).givesTicks(240, 480).because();
    }

    @Test
    void onlyWhatIsPickedIsFilled() {
        doing(new Lengths(How.FILL, 4800)).on("C4 D4 E5 F5").onlyOn("pitch C5 to C6").gives("C4 D4 E5:9 F5:9");
    }
}
