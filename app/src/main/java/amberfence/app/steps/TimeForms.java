package amberfence.app.steps;

import amberfence.app.theme.Choice;
import amberfence.app.words.GridWords;
import amberfence.song.TimeMap;
import amberfence.step.shape.Lengths;
import amberfence.step.shape.Lengths.How;
import amberfence.step.shape.TidyTiming;
import java.util.EnumMap;
import java.util.Map;
import javafx.scene.Node;

/** The settings of the steps that shape time. */
final class TimeForms {
    private static final int MOST_PERCENT = 400;
    private static final int HALF = 50;
    private static final Map<How, Integer> USUAL_AMOUNTS = new EnumMap<>(Map.of(How.STACCATO, HALF, How.SHARE, 100));

    private TimeForms() {
    }

    static Node of(TidyTiming step, FormHost host) {
        return new FormRows().plus(
                FormRows.row("step.grid", gridChoice(step, host)),
                FormRows.row("step.ends", FormRows.choice("tidy-ends", TidyTiming.Ends.values(), step.ends(), "ends",
                        chosen -> host.chosen("ends", chosen, new TidyTiming(step.grid(), chosen, step.strength(), step.swing())))),
                FormRows.row("step.strength", FormRows.number("tidy-strength", step.strength(), 0, 100,
                        strength -> host.set("strength", strength,
                                new TidyTiming(step.grid(), step.ends(), strength, step.swing())))),
                FormRows.row("step.swing", FormRows.number("tidy-swing", step.swing(), HALF, 80,
                        swing -> host.set("swing", swing,
                                new TidyTiming(step.grid(), step.ends(), step.strength(), swing)))));
    }

    private static Node gridChoice(TidyTiming step, FormHost host) {
        return Choice.of("tidy-grid", GridWords.all(), step.grid(), GridWords::of,
                grid -> host.set("grid", GridWords.of(grid),
                        new TidyTiming(grid, step.ends(), step.strength(), step.swing())));
    }

    static Node of(Lengths step, FormHost host) {
        FormRows rows = new FormRows().plus(FormRows.row("step.how", FormRows.choice("lengths-how", How.values(), step.how(),
                "how", chosen -> host.chosen("how", chosen, new Lengths(chosen, usualAmount(chosen, host))))));
        if (step.how() == How.STACCATO || step.how() == How.SHARE) {
            rows.plus(FormRows.row("step.percent", FormRows.number("lengths-amount", (int) step.amount(), 1, MOST_PERCENT,
                    amount -> host.set("percent", amount, new Lengths(step.how(), amount)))));
        } else if (step.how() == How.OFFSET || step.how() == How.CLOSE_GAPS) {
            int lowest = step.how() == How.OFFSET ? -100_000 : 1;
            rows.plus(FormRows.row("step.ticks", FormRows.number("lengths-amount", (int) step.amount(), lowest, 100_000,
                    amount -> host.set("ticks", amount, new Lengths(step.how(), amount)))));
        } else if (step.how() == How.FILL) {
            rows.plus(FormRows.row("step.untilBar", FormRows.number("lengths-bar", bar(step, host), 1, 100_000,
                    bar -> host.set("untilBar", bar, new Lengths(How.FILL, time(host).barStart(bar + 1))))));
        }
        return rows;
    }

    private static TimeMap time(FormHost host) {
        return host.session().song().time();
    }

    /** The bar at whose end the last note is to end. */
    private static int bar(Lengths step, FormHost host) {
        return time(host).barOf(Math.max(0, step.amount() - 1));
    }

    private static long usualAmount(How how, FormHost host) {
        return switch (how) {
            case OFFSET, CLOSE_GAPS -> time(host).ticksPerQuarter() / 8;
            case FILL -> time(host).barStart(time(host).barOf(host.tick()) + 2);
            default -> USUAL_AMOUNTS.getOrDefault(how, 0);
        };
    }
}
