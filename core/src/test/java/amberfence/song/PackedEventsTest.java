package amberfence.song;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class PackedEventsTest {
    /** Small numbers, and those around the greatest that an int holds. */
    private static final Arbitrary<Long> NUMBERS = Arbitraries.oneOf(Arbitraries.longs().between(0, 50),
            Arbitraries.longs().between(Integer.MAX_VALUE - 2L, Integer.MAX_VALUE + 2L));
    private static final Arbitrary<Boolean> FLAGS = Arbitraries.of(true, false);

    @Provide
    Arbitrary<List<SourceEvent>> events() {
        Arbitrary<SourceEvent> ons = Combinators.combine(NUMBERS, NUMBERS, FLAGS).as(SourceEvent.NoteOn::new);
        Arbitrary<SourceEvent> offs = Combinators.combine(NUMBERS, NUMBERS, FLAGS, FLAGS).as(SourceEvent.NoteOff::new);
        Arbitrary<SourceEvent> others = Combinators.combine(NUMBERS, FLAGS).as((tick, running) -> new SourceEvent.Other(tick, Bytes.of(0xB0, 7, 100), running));
        return Arbitraries.oneOf(ons, offs, others).list().ofMaxSize(8);
    }

    @Property
    void givesBackWhatItHolds(@ForAll("events") List<SourceEvent> events) {
        SourceFile.Track track = new SourceFile.Track(events, Bytes.EMPTY);
        assertThat(track.events()).isEqualTo(events);
        assertThat(track).isEqualTo(new SourceFile.Track(List.copyOf(track.events()), Bytes.EMPTY)).hasSameHashCodeAs(new SourceFile.Track(events, Bytes.EMPTY));
    }

    @Test
    void cannotBeChanged() {
        List<SourceEvent> events = new SourceFile.Track(List.of(new SourceEvent.NoteOn(0, 1, false)), Bytes.EMPTY).events();
        assertThatThrownBy(() -> events.remove(0)).isInstanceOf(UnsupportedOperationException.class);
    }
}
