package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Whatever form a column keeps its numbers in, it answers like a list of them. */
class ColumnTest {
    /** Some that follow from their place, some of every size, and some of which the last ones no longer fit. */
    @Provide
    Arbitrary<List<Long>> numbers() {
        Arbitrary<Long> step = Arbitraries.longs().between(-3, 3);
        Arbitrary<List<Long>> even = step.flatMap(by -> Arbitraries.integers().between(0, 40).map(size -> {
            List<Long> numbers = new ArrayList<>();
            for (int i = 0; i < size; i++) {
                numbers.add(7 + by * i);
            }
            return numbers;
        }));
        Arbitrary<Long> any = Arbitraries.oneOf(Arbitraries.longs().between(-128, 127), Arbitraries.longs().between(-40_000, 40_000),
                Arbitraries.longs());
        Arbitrary<List<Long>> small = Arbitraries.longs().between(0, 127).list().ofMaxSize(40);
        return Arbitraries.oneOf(even, small, any.list().ofMaxSize(40)).flatMap(begin -> any.list().ofMaxSize(3).map(end -> {
            List<Long> both = new ArrayList<>(begin);
            both.addAll(end);
            return both;
        }));
    }

    private static Column column(List<Long> numbers, Column like) {
        ColumnBuilder builder = new ColumnBuilder(like, numbers.size() / 2);
        numbers.forEach(builder::add);
        return builder.build();
    }

    private static Column column(List<Long> numbers) {
        return column(numbers, Column.even(0, 0, 0));
    }

    private static List<Long> list(Column column) {
        List<Long> numbers = new ArrayList<>();
        for (int i = 0; i < column.size(); i++) {
            numbers.add(column.at(i));
        }
        return numbers;
    }

    @Property
    void holdsWhatWasPutIn(@ForAll("numbers") List<Long> numbers, @ForAll("numbers") List<Long> others, @ForAll @IntRange(min = 0, max = 40) int same) {
        assertThat(list(column(numbers))).isEqualTo(numbers);
        List<Long> resembling = new ArrayList<>(others.subList(0, Math.min(same, others.size())));
        resembling.addAll(numbers);
        Column other = column(others);
        assertThat(list(column(resembling, other))).isEqualTo(resembling);
        assertThat(list(other)).isEqualTo(others);
    }

    @Property
    void isItselfWhereNothingIsOther(@ForAll("numbers") List<Long> numbers) {
        Column column = column(numbers);
        if (!numbers.isEmpty()) {
            assertThat(column(numbers, column)).isSameAs(column);
            assertThat(column.with(new int[] {0}, new long[] {numbers.get(0)})).isSameAs(column);
        }
    }

    @Property
    void changesAtSomePlacesOnly(@ForAll("numbers") List<Long> numbers, @ForAll List<Long> news, @ForAll @IntRange(min = 1, max = 5) int every) {
        int count = Math.min(news.size(), numbers.size() / every);
        int[] places = new int[count];
        long[] values = new long[count];
        List<Long> expected = new ArrayList<>(numbers);
        for (int i = 0; i < count; i++) {
            places[i] = i * every;
            values[i] = news.get(i);
            expected.set(places[i], values[i]);
        }
        Column before = column(numbers);
        assertThat(list(before.with(places, values))).isEqualTo(expected);
        assertThat(list(before)).isEqualTo(numbers);
    }

    @Property
    void tellsWhatBothEndsShare(@ForAll("numbers") List<Long> numbers, @ForAll("numbers") List<Long> others, @ForAll boolean likeness) {
        List<Long> second = new ArrayList<>(others);
        if (likeness) {
            second.addAll(0, numbers);
            second.addAll(numbers);
        }
        int least = Math.min(numbers.size(), second.size());
        int first = 0;
        while (first < least && numbers.get(first).equals(second.get(first))) {
            first++;
        }
        int last = 0;
        while (last < least && numbers.get(numbers.size() - 1 - last).equals(second.get(second.size() - 1 - last))) {
            last++;
        }
        assertThat(column(numbers).sameFirst(column(second), least)).isEqualTo(first);
        assertThat(column(numbers).sameLast(column(second), least)).isEqualTo(last);
    }

    /** Long columns are compared by many numbers at once: wherever the difference lies, it is found to the number. */
    @Property(tries = 200)
    void tellsWhatLongOnesShareAtTheirEnd(@ForAll("numbers") List<Long> numbers, @ForAll @IntRange(min = 0, max = 3_500) int same,
            @ForAll("numbers") List<Long> others) {
        List<Long> last = LongStream.range(0, same).map(i -> i * i % 101).boxed().toList();
        List<Long> one = Stream.of(numbers, List.of(1L), last).flatMap(List::stream).toList();
        List<Long> other = Stream.of(others, List.of(2L), last).flatMap(List::stream).toList();
        int most = Math.min(one.size(), other.size());
        assertThat(column(one).sameLast(column(other), most)).isEqualTo(same);
        assertThat(column(one).sameLast(column(other), same / 2)).isEqualTo(same / 2);
        assertThat(column(other).sameLast(column(one), most)).isEqualTo(same);
    }

    @Property
    void findsNumbersThatAscend(@ForAll("numbers") List<Long> numbers, @ForAll @IntRange(min = 0, max = 45) int from, @ForAll @IntRange(min = 0, max = 45) int to) {
        assertThat(column(numbers).isAscending(false)).isEqualTo(numbers.equals(numbers.stream().sorted().distinct().toList()));
        assertThat(column(numbers).isAscending(true)).isEqualTo(numbers.equals(numbers.stream().sorted().toList()));
        List<Long> ascending = numbers.stream().sorted().distinct().toList();
        Column column = column(ascending);
        ascending.forEach(number -> assertThat(column.search(number)).isEqualTo(ascending.indexOf(number)));
        assertThat(column.search(1_000_001)).isEqualTo(ascending.indexOf(1_000_001L));
        int end = Math.min(to, ascending.size());
        int begin = Math.min(from, end);
        assertThat(list(column.range(begin, end))).isEqualTo(ascending.subList(begin, end));
    }

    /** The bytes that the architecture counts on: none for what follows from its place, one for what fits into one. */
    @Test
    void takesAsFewBytesAsItsNumbersNeed() {
        assertThat(column(List.of(4L, 4L, 4L, 4L)).weight()).isZero();
        assertThat(column(List.of(4L, 5L, 6L, 7L)).weight()).isZero();
        assertThat(column(List.of(4L, 5L, 6L, 127L)).weight()).isEqualTo(4);
        assertThat(column(List.of(4L, 5L, 6L, 128L)).weight()).isEqualTo(16);
        assertThat(column(List.of(4L, 5L, 6L, 1L << 40)).weight()).isEqualTo(32);
    }
}
