package amberfence.app.handbook;

import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;

/** Somebody wants to read a page of the handbook; whoever can show it listens at the window. */
public final class HandbookRequest extends Event {
    public static final EventType<HandbookRequest> ASKED = new EventType<>(Event.ANY, "HANDBOOK_ASKED");
    private static final long serialVersionUID = 1L;
    private final String page;

    private HandbookRequest(String page) {
        super(ASKED);
        this.page = page;
    }

    /** Asks for a page by its name. */
    public static void of(Node from, String page) {
        from.fireEvent(new HandbookRequest(page));
    }

    public String page() {
        return page;
    }
}
