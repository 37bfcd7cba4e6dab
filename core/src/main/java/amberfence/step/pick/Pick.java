package amberfence.step.pick;

import amberfence.notes.Line;
import amberfence.notes.NoteSet;
import amberfence.step.NoteChoice;
import amberfence.step.Surroundings;
import amberfence.theory.MusicTextException;
import amberfence.theory.TextLimit;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A choice of notes that people make. */
public sealed interface Pick extends NoteChoice {
    /**
     * Reads a rule: {@code lowest}, {@code outside and not strong beat or degree b3}; “and” binds closer than “or”.
     * A whole rule is turned round by {@code not (…)}.
     */
    static Rule parse(String text) {
        return Rule.read(text);
    }

    /** These notes and no others, whatever becomes of them. */
    record Frozen(NoteSet notes) implements Pick {
        @Override
        public NoteSet choose(Line line, Surroundings around) {
            return notes;
        }

        @Override
        public boolean answersToChords() {
            return false;
        }

        @Override
        public Optional<NoteSet> fixed() {
            return Optional.of(notes);
        }

        @Override
        public Frozen renamed(LongUnaryOperator renaming) {
            return new Frozen(notes.renamed(renaming));
        }

        @Override
        public String text() {
            int count = notes.ids().size();
            return count == 1 ? "1 note" : count + " notes";
        }
    }

    /**
     * One condition of a rule.
     *
     * @param or whether it begins another alternative, rather than adding to the conditions before it
     * @param not whether it must not hold
     */
    record Term(boolean or, boolean not, Condition condition) {
    }

    /**
     * All notes for which the conditions hold. They adapt when notes change.
     *
     * @param turned whether the notes for which they do not hold are meant
     */
    record Rule(List<Term> terms, boolean turned) implements Pick {
        private static final Pattern TURNED = Pattern.compile("\\s*not\\s*\\((.*)\\)\\s*", Pattern.CASE_INSENSITIVE);
        private static final Pattern JOIN = Pattern.compile("\\s+(and|or)\\s+", Pattern.CASE_INSENSITIVE);
        private static final Pattern NOT = Pattern.compile("\\s*not\\s+(.*)", Pattern.CASE_INSENSITIVE);

        public Rule {
            terms = List.copyOf(terms);
            if (terms.isEmpty()) {
                throw new IllegalArgumentException(Texts.say("a pick needs at least one condition, as in lowest"));
            }
        }

        @Override
        public boolean answersToChords() {
            return terms.stream().anyMatch(term -> term.condition() instanceof Condition.ChordNote);
        }

        static Rule read(String text) {
            String words = TextLimit.PICK.check(text).strip().replaceAll("\\s+", " ");
            Matcher whole = TURNED.matcher(words);
            String conditions = whole.matches() ? whole.group(1) : words;
            if (conditions.isBlank()) {
                throw new MusicTextException(Texts.say("a pick needs at least one condition, as in lowest"));
            }
            List<Term> terms = new ArrayList<>();
            Matcher join = JOIN.matcher(conditions);
            boolean or = false;
            int from = 0;
            while (join.find()) {
                terms.add(term(or, conditions.substring(from, join.start())));
                or = join.group(1).equalsIgnoreCase("or");
                from = join.end();
            }
            terms.add(term(or, conditions.substring(from)));
            return new Rule(terms, whole.matches());
        }

        private static Term term(boolean or, String text) {
            Matcher not = NOT.matcher(text);
            return new Term(or, not.matches(), ConditionText.parse(not.matches() ? not.group(1) : text));
        }

        @Override
        public NoteSet choose(Line line, Surroundings around) {
            PickedLine picked = new PickedLine(line, around);
            List<Long> ids = new ArrayList<>();
            for (int i = 0; i < line.size(); i++) {
                if (holds(i, picked) != turned) {
                    ids.add(line.notes().get(i).id());
                }
            }
            return NoteSet.of(ids);
        }

        private boolean holds(int index, PickedLine line) {
            boolean all = true;
            for (Term term : terms) {
                if (term.or()) {
                    if (all) {
                        return true;
                    }
                    all = true;
                }
                all = all && term.condition().holds(index, line) != term.not();
            }
            return all;
        }

        @Override
        public String text() {
            StringBuilder text = new StringBuilder();
            for (Term term : terms) {
                text.append(text.length() == 0 ? "" : term.or() ? " or " : " and ").append(term.not() ? "not " : "")
                        .append(term.condition().text());
            }
            return turned ? "not (" + text + ")" : text.toString();
        }
    }
}
