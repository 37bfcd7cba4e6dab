package amberfence.step.shape;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.step.SettingTexts;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LengthsTest {
    @Test
    void legatoLastsUntilTheNextNoteOfTheVoice() {
        doing(new Lengths(new LengthWay.Legato())).onTicks(0, 100, 240, 260, 480, 700).givesTicks(0, 240, 240, 480, 480, 700)
                .because("up to the next note, 140 ticks longer", "up to the next note, 220 ticks longer");
        doing(new Lengths(new LengthWay.Legato())).on("[C4 E4 G4] r [D4 F4 A4]:2").gives("[C4 E4 G4]:2 [D4 F4 A4]:2");
    }

    @Test
    void staccatoCutsToAShareOfTheWayAndLengthensNothing() {
        doing(new Lengths(new LengthWay.Staccato(50))).onTicks(0, 240, 240, 300, 480, 720).givesTicks(0, 120, 240, 300, 480, 720);
    }

    @Test
    void aShareAndAnOffsetChangeEachNoteByItself() {
        doing(new Lengths(new LengthWay.Share(50))).onTicks(0, 101, 200, 201).givesTicks(0, 51, 200, 201);
        doing(new Lengths(new LengthWay.Share(200))).onTicks(0, 100, 300, 301).givesTicks(0, 200, 300, 302);
        doing(new Lengths(new LengthWay.Offset(-20))).onTicks(0, 100, 200, 210).givesTicks(0, 80, 200, 201);
    }

    @Test
    void trimsOnlyWhatReachesALittleIntoTheNextNote() {
        doing(new Lengths(new LengthWay.TrimOverlaps())).onTicks(0, 250, 240, 480).givesTicks(0, 240, 240, 480)
                .because("overlap with the next note trimmed, 10 ticks shorter");
        // More than half of the note lies under the next one: a second voice, not an overlap.
        doing(new Lengths(new LengthWay.TrimOverlaps())).on("[C4 E4]:4").gives("[C4 E4]:4").because();
    }

    @Test
    void closesGapsShorterThanTheAmount() {
        doing(new Lengths(new LengthWay.CloseGaps(40))).onTicks(0, 220, 240, 400, 480, 500).givesTicks(0, 240, 240, 400, 480, 500)
                .because("small gap closed, 20 ticks longer");
    }

    @Test
    void fillsASpanWithAllNotesTogether() {
        doing(new Lengths(new LengthWay.FillUntil(960))).onTicks(0, 100, 240, 480).givesTicks(0, 200, 480, 960);
        doing(new Lengths(new LengthWay.FillUntil(960))).onTicks(100, 200, 300, 530).givesTicks(100, 300, 500, 960);
        doing(new Lengths(new LengthWay.FillUntil(240))).onTicks(240, 480).givesTicks(240, 480).because();
    }

    @Test
    void onlyWhatIsPickedIsFilled() {
        doing(new Lengths(new LengthWay.FillUntil(4800))).on("C4 D4 E5 F5").onlyOn("pitch C5 to C6").gives("C4 D4 E5:9 F5:9");
    }

    @Test
    void fillsBarsFromTheOneInWhichTheFirstNoteBegins() {
        // 4/4 at 480 ticks a quarter: a bar is 1920.
        doing(new Lengths(new LengthWay.Fill(1))).onTicks(0, 100, 240, 480).givesTicks(0, 400, 960, 1920);
        doing(new Lengths(new LengthWay.Fill(1))).onTicks(1920, 2020, 2160, 2400).givesTicks(1920, 2320, 2880, 3840);
    }

    @Test
    void saysHowMuchInTheUnitOfEachWay() {
        assertThat(Lengths.SCHEMA.read(Map.of("how", "fill", "amount", "4bars"), SettingTexts.ALONE)).isEqualTo(new Lengths(new LengthWay.Fill(4)));
        assertThat(Lengths.SCHEMA.read(Map.of("how", "offset", "amount", "-30t"), new SettingTexts(Integer::toString, part -> 0, 960)))
                .as("ticks are written for 480 to a quarter").isEqualTo(new Lengths(new LengthWay.Offset(-60)));
        assertThatThrownBy(() -> Lengths.SCHEMA.read(Map.of("how", "staccato", "amount", "4bars"), SettingTexts.ALONE))
                .hasMessageContaining("staccato asks for a share, as in 50%");
    }
}
