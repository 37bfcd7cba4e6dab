package amberfence.app.ladder;

import amberfence.notes.Note;

/** A note's rectangle, in pixels. */
record NoteBox(double x, double y, double width, double height) {
    private static final double TALLEST = 20;

    static NoteBox of(Viewport view, Note note) {
        double row = view.rows().height(note.pitch());
        double height = Math.max(3, Math.min(TALLEST, row * (view.rows().isInside(note.pitch()) ? 0.72 : 0.92)));
        double x = view.x(note.start());
        double width = Math.max(2.5, note.length() * view.pixelsPerTick() - 1);
        return new NoteBox(Math.round(x * 2) / 2.0, Math.round(view.middle(note.pitch()) - height / 2), width, height);
    }

    boolean contains(double px, double py) {
        return px >= x - 1 && px <= x + Math.max(width, 4) && py >= y - 2 && py <= y + height + 2;
    }

    /** Whether any of it lies between the top and the bottom of what is seen. */
    boolean isSeen(Viewport view) {
        return y + height >= 0 && y <= view.height();
    }
}
