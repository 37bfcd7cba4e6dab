package amberfence.app.tour;

import amberfence.app.session.Session;

/** The window, as far as the tour needs it. */
public interface TourHost {
    Session session();

    /** Opens a tab of the drawer. */
    void openTab(String name);

    void openExport();

    /** Opens the demo and goes on, unless the person decides otherwise because of the song that is open. */
    void openDemo(Runnable then);
}
