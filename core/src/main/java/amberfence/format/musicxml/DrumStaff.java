package amberfence.format.musicxml;

import java.util.Map;

/** Where drums stand on their staff, by their General MIDI note, and whether with a cross (common practice, no source). */
record DrumStaff(String step, int octave, boolean cross) {
    private static final DrumStaff MIDDLE = new DrumStaff("C", 5, false);
    private static final DrumStaff KICK = new DrumStaff("F", 4, false);
    private static final DrumStaff LOW_TOM = new DrumStaff("A", 4, false);
    private static final DrumStaff MIDDLE_TOM = new DrumStaff("D", 5, false);
    private static final DrumStaff HIGH_TOM = new DrumStaff("E", 5, false);
    private static final DrumStaff RIDE = new DrumStaff("F", 5, true);
    private static final DrumStaff HAT = new DrumStaff("G", 5, true);
    private static final DrumStaff CRASH = new DrumStaff("A", 5, true);
    private static final Map<Integer, DrumStaff> PLACES = Map.ofEntries(Map.entry(35, KICK), Map.entry(36, KICK), Map.entry(37, new DrumStaff("C", 5, true)),
            Map.entry(41, LOW_TOM), Map.entry(43, LOW_TOM), Map.entry(45, MIDDLE_TOM), Map.entry(47, MIDDLE_TOM), Map.entry(48, HIGH_TOM), Map.entry(50, HIGH_TOM),
            Map.entry(42, HAT), Map.entry(44, new DrumStaff("D", 4, true)), Map.entry(46, HAT), Map.entry(51, RIDE), Map.entry(53, RIDE), Map.entry(59, RIDE),
            Map.entry(49, CRASH), Map.entry(52, CRASH), Map.entry(55, CRASH), Map.entry(57, CRASH));

    static DrumStaff of(int pitch) {
        return PLACES.getOrDefault(pitch, MIDDLE);
    }
}
