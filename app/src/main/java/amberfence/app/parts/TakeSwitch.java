package amberfence.app.parts;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.song.Part;

/** Goes from take to take of the selected part. */
public final class TakeSwitch {
    private TakeSwitch() {
    }

    /** Chooses a take of a part as it is now. */
    static void to(Session session, Part part, int index) {
        if (part.current() != index) {
            Integer outlined = session.selection().outlinedTake().get();
            session.edit(Words.say("edit.take", part.takes().get(index).name()), song -> song.withPart(part.id(), same -> same.withTake(index)));
            session.selection().selectPart(part.id());
            session.selection().outline(outlined == null ? null : outlined == index ? Integer.valueOf(part.current()) : outlined);
            session.say(Words.say("takes.now", session.song().part(part.id()).take().name()));
        }
    }

    /** The next take, or the one before; behind the last comes the first. */
    public static void step(Session session, int by) {
        session.partNow().ifPresent(part -> {
            if (part.takes().size() == 1) {
                session.say(Words.say("takes.onlyOne", part.name()));
            } else {
                to(session, part, Math.floorMod(part.current() + by, part.takes().size()));
            }
        });
    }

    /** Draws the take before the current one as outlines, or no longer. */
    public static void toggleOutline(Session session) {
        session.partNow().ifPresent(part -> {
            if (part.takes().size() == 1) {
                session.say(Words.say("takes.onlyOne", part.name()));
            } else {
                session.selection().outline(session.selection().outlinedTake().get() != null ? null
                        : Integer.valueOf(Math.floorMod(part.current() - 1, part.takes().size())));
            }
        });
    }
}
