package amberfence.app.tour;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.step.StepSchema;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;

/** A stop of the tour: what is pointed at, what is said, and what “show me” does for those who would rather look first. */
enum TourStop {
    LADDER("ladder", TourStop::selectOutside),
    STEP("steps", TourStop::switchStep),
    CHANGES("drawer", host -> host.openTab("changes")),
    BEFORE("before", host -> host.session().transport().showBefore(!host.session().transport().showingBefore().get())),
    CHORDS("progression", TourStop::fitBass),
    HAND_BACK("export", TourHost::openExport);

    private static final String BASS_STEP = "fit-bass";
    private final String target;
    private final Consumer<TourHost> show;

    TourStop(String target, Consumer<TourHost> show) {
        this.target = target;
        this.show = show;
    }

    /** The id of what is pointed at. */
    String target() {
        return target;
    }

    void show(TourHost host) {
        show.accept(host);
    }

    String title() {
        return Words.say("tour.title." + name().toLowerCase(Locale.ROOT));
    }

    String words() {
        return Words.say("tour." + name().toLowerCase(Locale.ROOT));
    }

    private static void selectOutside(TourHost host) {
        Session session = host.session();
        session.part().stream().flatMap(part -> part.line().notes().stream()).filter(note -> !session.results().get().fence().isInside(note))
                .findFirst().map(Note::id).ifPresent(note -> session.selection().selectNotes(Set.of(note)));
    }

    /** Switches the first step of the part. */
    private static void switchStep(TourHost host) {
        Session session = host.session();
        List<StepSlot> steps = session.part().map(Part::steps).orElse(List.of());
        if (!steps.isEmpty()) {
            StepSlot first = steps.get(0);
            String title = StepCatalogue.of(first.step()).title();
            session.editStep(Words.say(first.on() ? "edit.stepOff" : "edit.stepOn", title), first.id(), same -> same.withOn(!same.on()));
        }
    }

    private static void fitBass(TourHost host) {
        Session session = host.session();
        StepSchema<?> schema = StepCatalogue.find(BASS_STEP).orElseThrow();
        session.song().parts().stream().filter(part -> part.role() == Role.BASS).findFirst().ifPresent(bass -> {
            session.selection().selectPart(bass.id());
            if (bass.steps().stream().noneMatch(slot -> StepCatalogue.of(slot.step()) == schema)) {
                session.addStep(bass.id(), schema.title(), song -> schema.usual());
            }
        });
    }
}
