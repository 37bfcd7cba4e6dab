package amberfence.analysis;

import java.util.List;

/** Finds what may be wrong in one part, in any order. */
interface Finder {
    List<Doubt> find(PartReading reading);
}
