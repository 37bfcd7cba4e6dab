package amberfence.format.musicxml;

import amberfence.theory.Chord;
import java.util.List;
import java.util.Optional;

/** What of one written bar of a part is heard; places and lengths are in quarters from the bar's beginning. */
record BarEvents(List<Sounding> notes, List<Mark> tempos, List<Harmony> chords) {
    /**
     * A note as it sounds.
     *
     * @param pitch MIDI note number 0–127
     * @param tiedFrom whether it goes on from a note before
     * @param tiedOn whether a later note goes on from it
     * @param attack how much later than written it begins
     * @param release how much later than written it ends
     * @param graces what is played before it, one after the other, each with all that sounds together
     */
    record Sounding(double at, double length, int pitch, int velocity, int releaseVelocity, String voice, boolean tiedFrom, boolean tiedOn, double attack,
                    double release, List<List<Grace>> graces) {
    }

    /** A note that has no time of its own. */
    record Grace(int pitch, int velocity) {
    }

    /**
     * A tempo.
     *
     * @param heard whether it is said for playing, which goes before what is only printed
     */
    record Mark(double at, double quartersPerMinute, boolean heard) {
    }

    /** A chord; empty where there is none. */
    record Harmony(double at, Optional<Chord> chord) {
    }
}
