package amberfence.notes;

/** What a part does in the song. Drums have no pitches to bring inside and are left alone by pitch steps. */
public enum Role {
    MELODY, BASS, CHORDS, FIGURE, DRUMS
}
