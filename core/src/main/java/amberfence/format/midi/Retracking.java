package amberfence.format.midi;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;

/** Changes how events are spread over tracks: all in one for type 0, a track for each channel for type 1. */
final class Retracking {
    private Retracking() {
    }

    static List<List<OutEvent>> to(int type, int from, List<List<OutEvent>> tracks) {
        if (type == 0) {
            return List.of(merged(tracks));
        }
        return from == 0 && tracks.size() == 1 ? split(tracks.get(0)) : tracks;
    }

    private static List<OutEvent> merged(List<List<OutEvent>> tracks) {
        List<OutEvent> all = new ArrayList<>();
        tracks.forEach(all::addAll);
        return ended(all);
    }

    private static List<List<OutEvent>> split(List<OutEvent> track) {
        TreeMap<Integer, List<OutEvent>> byChannel = new TreeMap<>();
        byChannel.put(-1, new ArrayList<>());
        for (OutEvent event : track) {
            byChannel.computeIfAbsent(channel(event), channel -> new ArrayList<>()).add(event);
        }
        List<OutEvent> ends = track.stream().filter(Retracking::isEnd).toList();
        byChannel.forEach((channel, events) -> {
            if (channel >= 0) {
                events.addAll(ends);
            }
        });
        return byChannel.values().stream().map(Retracking::ended).toList();
    }

    private static int channel(OutEvent event) {
        if (event instanceof OutEvent.Sounding note) {
            return note.notes().channel(note.place());
        }
        int status = ((OutEvent.Raw) event).bytes().at(0);
        return status < 0xF0 ? status & 0x0F : -1;
    }

    private static boolean isEnd(OutEvent event) {
        return event instanceof OutEvent.Raw raw && raw.isEndOfTrack();
    }

    /** In time and with one end, the latest. */
    private static List<OutEvent> ended(List<OutEvent> events) {
        List<OutEvent> sorted = new ArrayList<>(events.stream().filter(event -> !isEnd(event)).toList());
        sorted.sort(Comparator.comparingLong(OutEvent::tick));
        events.stream().filter(Retracking::isEnd).max(Comparator.comparingLong(OutEvent::tick)).ifPresent(sorted::add);
        return sorted;
    }
}
