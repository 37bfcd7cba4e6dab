package amberfence.app.parts;

import amberfence.app.session.Session;
import amberfence.app.words.Words;

/** Goes from take to take of the selected part. */
public final class TakeSwitch {
    private TakeSwitch() {
    }

    static void to(Session session, int index) {
        session.part().filter(part -> part.current() != index).ifPresent(part -> {
            Integer outlined = session.outlinedTake().get();
            session.editPart(Words.say("edit.take", part.takes().get(index).name()), same -> same.withTake(index));
            session.selectPart(part.id());
            session.outlinedTake().set(outlined == null ? null : outlined == index ? Integer.valueOf(part.current()) : outlined);
            session.message().set(Words.say("takes.now", session.song().part(part.id()).take().name()));
        });
    }

    /** The next take, or the one before; behind the last comes the first. */
    public static void step(Session session, int by) {
        session.part().ifPresent(part -> {
            if (part.takes().size() == 1) {
                session.message().set(Words.say("takes.onlyOne", part.name()));
            } else {
                to(session, Math.floorMod(part.current() + by, part.takes().size()));
            }
        });
    }

    /** Draws the take before the current one as outlines, or no longer. */
    public static void toggleOutline(Session session) {
        session.part().ifPresent(part -> {
            if (part.takes().size() == 1) {
                session.message().set(Words.say("takes.onlyOne", part.name()));
            } else {
                session.outlinedTake().set(session.outlinedTake().get() != null ? null
                        : Integer.valueOf(Math.floorMod(part.current() - 1, part.takes().size())));
            }
        });
    }
}
