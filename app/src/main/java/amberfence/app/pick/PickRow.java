package amberfence.app.pick;

import amberfence.step.pick.Pick;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One condition of a pick as it is shown.
 *
 * @param or whether it begins another alternative
 * @param not whether it must not hold
 */
record PickRow(boolean or, boolean not, PickKind kind, List<String> values) {
    static PickRow of(PickKind kind) {
        return new PickRow(false, false, kind, kind.usual());
    }

    /** The rows of a rule. */
    static List<PickRow> of(Pick.Rule rule) {
        return rule.terms().stream().map(PickRow::of).toList();
    }

    private static PickRow of(Pick.Term term) {
        String text = term.condition().text();
        for (PickKind kind : PickKind.values()) {
            Optional<List<String>> values = kind.values(text);
            if (values.isPresent()) {
                return new PickRow(term.or(), term.not(), kind, values.get());
            }
        }
        throw new IllegalStateException("no kind of condition reads " + text);
    }

    /** The rule that rows make; what cannot be read is an exception in words. */
    static Pick.Rule rule(List<PickRow> rows, boolean turned) {
        StringBuilder text = new StringBuilder();
        for (PickRow row : rows) {
            text.append(text.length() == 0 ? "" : row.or ? " or " : " and ").append(row.not ? "not " : "").append(row.text());
        }
        return Pick.parse(turned ? "not (" + text + ")" : text.toString());
    }

    private String text() {
        return kind.text(values);
    }

    PickRow withOr(boolean newOr) {
        return new PickRow(newOr, not, kind, values);
    }

    PickRow withNot(boolean newNot) {
        return new PickRow(or, newNot, kind, values);
    }

    PickRow withKind(PickKind newKind) {
        return new PickRow(or, not, newKind, newKind.usual());
    }

    PickRow withValue(int index, String value) {
        List<String> changed = new ArrayList<>(values);
        changed.set(index, value.strip());
        return new PickRow(or, not, kind, changed);
    }
}
