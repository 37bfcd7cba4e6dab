package amberfence.handbook;

import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.Heading;
import org.commonmark.node.Link;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/**
 * Reads the text of a page, which is CommonMark: headings, paragraphs, lists of points, links to other pages by their names, what is
 * typed as code, and worked examples as code blocks called {@code example}.
 */
final class HandbookText {
    private static final String EXAMPLE = "example";

    private HandbookText() {
    }

    /** A text under a heading of the first level, and what it is called. */
    record Titled(String title, List<HandbookBlock> blocks) {
    }

    /** The parts of a text, each under a heading of the first level. */
    static List<Titled> read(String text) {
        List<Titled> parts = new ArrayList<>();
        for (Node node = Parser.builder().build().parse(text).getFirstChild(); node != null; node = node.getNext()) {
            if (node instanceof Heading heading && heading.getLevel() == 1) {
                parts.add(new Titled(paragraph(node).plain(), new ArrayList<>()));
            } else if (parts.isEmpty()) {
                throw new MusicTextException(Texts.say("a page of the handbook begins with its title, # Title"));
            } else {
                Titled last = parts.get(parts.size() - 1);
                last.blocks.addAll(blocks(last.title, node));
            }
        }
        return parts;
    }

    private static List<HandbookBlock> blocks(String title, Node node) {
        if (node instanceof Heading) {
            return List.of(new HandbookBlock.Heading(paragraph(node).plain()));
        }
        if (node instanceof FencedCodeBlock code) {
            return List.of(EXAMPLE.equals(code.getInfo()) ? new HandbookBlock.Worked(HandbookExample.parse(title, code.getLiteral()))
                    : new HandbookBlock.Typed(code.getLiteral().strip()));
        }
        if (node instanceof BulletList) {
            List<HandbookBlock> points = new ArrayList<>();
            for (Node item = node.getFirstChild(); item != null; item = item.getNext()) {
                points.add(new HandbookBlock.Point(paragraph(((ListItem) item).getFirstChild())));
            }
            return points;
        }
        if (node instanceof Paragraph) {
            return List.of(paragraph(node));
        }
        throw new MusicTextException(Texts.say("a page of the handbook has no %s", node.getClass().getSimpleName()));
    }

    private static HandbookBlock.Paragraph paragraph(Node node) {
        List<Piece> pieces = new ArrayList<>();
        node.accept(new AbstractVisitor() {
            private Piece.Look look = Piece.Look.PLAIN;

            @Override
            public void visit(Text text) {
                pieces.add(Piece.of(text.getLiteral(), look));
            }

            @Override
            public void visit(SoftLineBreak line) {
                pieces.add(Piece.of(" ", look));
            }

            @Override
            public void visit(Code code) {
                pieces.add(Piece.of(code.getLiteral(), Piece.Look.TYPED));
            }

            @Override
            public void visit(StrongEmphasis strong) {
                look = Piece.Look.STRONG;
                visitChildren(strong);
                look = Piece.Look.PLAIN;
            }

            @Override
            public void visit(Emphasis name) {
                look = Piece.Look.NAMED;
                visitChildren(name);
                look = Piece.Look.PLAIN;
            }

            @Override
            public void visit(Link link) {
                StringBuilder words = new StringBuilder();
                for (Node inside = link.getFirstChild(); inside != null; inside = inside.getNext()) {
                    words.append(inside instanceof Text text ? text.getLiteral() : " ");
                }
                pieces.add(new Piece(words.toString(), Piece.Look.LINK, link.getDestination()));
            }
        });
        return new HandbookBlock.Paragraph(pieces);
    }
}
