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

class SourceEventsTest {
    /** Small numbers, those that just need one more byte, and those around the greatest that an int holds. */
    private static final Arbitrary<Long> NUMBERS = Arbitraries.oneOf(Arbitraries.longs().between(0, 70), Arbitraries.longs().between(8180, 8200),
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
        SourceEvents held = SourceEvents.of(events);
        assertThat(held.list()).isEqualTo(events);
        assertThat(held.size()).isEqualTo(events.size());
        assertThat(held.others()).isEqualTo(events.stream().filter(SourceEvent.Other.class::isInstance).toList());
        assertThat(held).isEqualTo(SourceEvents.of(held.list())).hasSameHashCodeAs(SourceEvents.of(events));
    }

    @Property
    void isTheSameOnlyWhereEachEventIs(@ForAll("events") List<SourceEvent> events, @ForAll("events") List<SourceEvent> others) {
        assertThat(SourceEvents.of(events).equals(SourceEvents.of(others))).isEqualTo(events.equals(others));
    }

    @Test
    void cannotBeChanged() {
        SourceEvents.Builder builder = new SourceEvents.Builder();
        builder.on(0, 1, false);
        SourceEvents early = builder.build();
        builder.other(new SourceEvent.Other(4, Bytes.of(0xC0, 7), false));
        assertThat(early.list()).containsExactly(new SourceEvent.NoteOn(0, 1, false));
        assertThatThrownBy(() -> builder.build().others().remove(0)).isInstanceOf(UnsupportedOperationException.class);
    }
}
