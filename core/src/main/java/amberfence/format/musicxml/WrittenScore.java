package amberfence.format.musicxml;

import amberfence.song.Credits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.audiveris.proxymusic.Identification;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.ScoreTimewise;
import org.audiveris.proxymusic.TypedText;
import org.audiveris.proxymusic.Work;
import org.audiveris.proxymusic.YesNo;

/**
 * A score as it is written, part by part, whichever way round its file has it.
 *
 * @param title empty when it has none
 */
record WrittenScore(String title, Credits credits, List<WrittenPart> parts) {
    /** A part with as many bars as any other. */
    record WrittenPart(ScorePart head, List<Bar> bars) {
    }

    /**
     * One bar of a part.
     *
     * @param implicit whether it does not count as a bar of its own, as a pick-up does not
     * @param items notes, backups, forwards, attributes and all else in their order
     */
    record Bar(boolean implicit, List<Object> items) {
        static final Bar EMPTY = new Bar(false, List.of());
    }

    static WrittenScore of(ScorePartwise score) {
        List<ScorePart> heads = heads(score.getPartList() == null ? List.of() : score.getPartList().getPartGroupOrScorePart());
        List<WrittenPart> parts = new ArrayList<>();
        for (ScorePartwise.Part part : score.getPart()) {
            parts.add(new WrittenPart(head(part.getId(), heads, parts.size()), part.getMeasure().stream()
                    .map(bar -> new Bar(bar.getImplicit() == YesNo.YES, bar.getNoteOrBackupOrForward())).toList()));
        }
        return of(score.getWork(), score.getMovementTitle(), score.getIdentification(), parts);
    }

    static WrittenScore of(ScoreTimewise score) {
        List<ScorePart> heads = heads(score.getPartList() == null ? List.of() : score.getPartList().getPartGroupOrScorePart());
        List<WrittenPart> parts = new ArrayList<>();
        int most = score.getMeasure().stream().mapToInt(bar -> bar.getPart().size()).max().orElse(0);
        for (int i = 0; i < most; i++) {
            int index = i;
            Object id = score.getMeasure().stream().filter(bar -> bar.getPart().size() > index).findFirst().map(bar -> bar.getPart().get(index).getId()).orElse(null);
            parts.add(new WrittenPart(head(id, heads, i), score.getMeasure().stream().map(bar -> bar.getPart().stream()
                    .filter(part -> id == null ? bar.getPart().indexOf(part) == index : id.equals(part.getId())).findFirst()
                    .map(part -> new Bar(bar.getImplicit() == YesNo.YES, part.getNoteOrBackupOrForward())).orElse(Bar.EMPTY)).toList()));
        }
        return of(score.getWork(), score.getMovementTitle(), score.getIdentification(), parts);
    }

    private static WrittenScore of(Work work, String movement, Identification identification, List<WrittenPart> parts) {
        int bars = parts.stream().mapToInt(part -> part.bars().size()).max().orElse(0);
        List<WrittenPart> full = parts.stream().map(part -> new WrittenPart(part.head(),
                Stream.concat(part.bars().stream(), Stream.generate(() -> Bar.EMPTY).limit(bars - part.bars().size())).toList())).toList();
        String title = Optional.ofNullable(work).map(Work::getWorkTitle).filter(text -> !text.isBlank()).orElse(movement == null ? "" : movement);
        Optional<Identification> who = Optional.ofNullable(identification);
        String composer = who.stream().flatMap(some -> some.getCreator().stream()).filter(some -> "composer".equals(some.getType())).findFirst()
                .map(TypedText::getValue).orElse("");
        String rights = who.stream().flatMap(some -> some.getRights().stream()).findFirst().map(TypedText::getValue).orElse("");
        return new WrittenScore(title.strip(), new Credits(composer, rights), full);
    }

    private static List<ScorePart> heads(List<Object> list) {
        return list.stream().filter(ScorePart.class::isInstance).map(ScorePart.class::cast).toList();
    }

    /** What the list says of a part; by its place where the part names none that is there. */
    private static ScorePart head(Object id, List<ScorePart> heads, int index) {
        return id instanceof ScorePart named ? named : index < heads.size() ? heads.get(index) : new ScorePart();
    }

    int bars() {
        return parts.isEmpty() ? 0 : parts.get(0).bars().size();
    }
}
