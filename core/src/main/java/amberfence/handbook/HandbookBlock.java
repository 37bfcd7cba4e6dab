package amberfence.handbook;

import amberfence.step.StepSchema;
import java.util.List;
import java.util.stream.Collectors;

/** What stands under one another on a page. */
public sealed interface HandbookBlock {
    /** All of it as text, for searching. */
    String plain();

    /** The title of what follows. */
    record Heading(String text) implements HandbookBlock {
        @Override
        public String plain() {
            return text;
        }
    }

    /** Running text. */
    record Paragraph(List<Piece> pieces) implements HandbookBlock {
        public Paragraph {
            pieces = List.copyOf(pieces);
        }

        @Override
        public String plain() {
            return pieces.stream().map(Piece::text).collect(Collectors.joining());
        }
    }

    /** A point of a list. */
    record Point(Paragraph text) implements HandbookBlock {
        @Override
        public String plain() {
            return text.plain();
        }
    }

    /** What is typed into a terminal or a field. */
    record Typed(String text) implements HandbookBlock {
        @Override
        public String plain() {
            return text;
        }
    }

    /** A worked example. */
    record Worked(HandbookExample example) implements HandbookBlock {
        @Override
        public String plain() {
            return example.recipe().text();
        }
    }

    /** The settings of a step, from its schema. */
    record Settings(StepSchema<?> schema) implements HandbookBlock {
        @Override
        public String plain() {
            return schema.settings().stream().map(setting -> setting.label() + ": " + setting.meaning()).collect(Collectors.joining("; "));
        }
    }
}
