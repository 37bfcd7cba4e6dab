package amberfence.format.leadsheet;

import amberfence.words.Typefaces;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.EnumMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;

/** What is drawn on the pages of a document. Places are in points from the top left of an A4 page, down and to the right. */
final class Ink implements AutoCloseable {
    static final float WIDTH = PDRectangle.A4.getWidth();
    static final float HEIGHT = PDRectangle.A4.getHeight();
    private final PDDocument document = new PDDocument();
    private final Map<Typefaces, PDFont> fonts = new EnumMap<>(Typefaces.class);
    private PDPageContentStream page;

    Ink() throws IOException {
        // No clock and no chance: the same song gives the same file.
        document.setDocumentId(0L);
        for (Typefaces face : Typefaces.values()) {
            try (InputStream in = face.file().openStream()) {
                fonts.put(face, PDType0Font.load(document, in, true));
            }
        }
    }

    void newPage() throws IOException {
        if (page != null) {
            page.close();
        }
        PDPage made = new PDPage(PDRectangle.A4);
        document.addPage(made);
        page = new PDPageContentStream(document, made);
    }

    int pages() {
        return document.getNumberOfPages();
    }

    void title(String title, String author) {
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setAuthor(author.isEmpty() ? null : author);
        document.getDocumentInformation().setCreator("Amber Fence");
    }

    private static String drawable(PDFont font, String text) {
        StringBuilder known = new StringBuilder();
        text.codePoints().forEach(point -> {
            String sign = new String(Character.toChars(point));
            try {
                font.encode(sign);
                known.append(sign);
            } catch (IOException | IllegalArgumentException e) {
                // A sign that the typeface does not have.
                known.append('?');
            }
        });
        return known.toString();
    }

    float width(Typefaces face, float size, String text) throws IOException {
        PDFont font = fonts.get(face);
        return font.getStringWidth(drawable(font, text)) / 1000 * size;
    }

    /** @param y of the baseline */
    void text(Typefaces face, float size, float x, float y, String text) throws IOException {
        PDFont font = fonts.get(face);
        String drawable = drawable(font, text);
        if (drawable.isEmpty()) {
            return;
        }
        page.beginText();
        page.setFont(font, size);
        page.setTextMatrix(Matrix.getTranslateInstance(x, HEIGHT - y));
        page.showText(drawable);
        page.endText();
    }

    /** A sign of music turned over, as flags under a stem that goes down. */
    void turned(float size, float x, float y, String sign) throws IOException {
        page.beginText();
        page.setFont(fonts.get(Typefaces.MUSIC), size);
        page.setTextMatrix(new Matrix(1, 0, 0, -1, x, HEIGHT - y));
        page.showText(sign);
        page.endText();
    }

    void line(float thickness, float x1, float y1, float x2, float y2) throws IOException {
        page.setLineWidth(thickness);
        page.moveTo(x1, HEIGHT - y1);
        page.lineTo(x2, HEIGHT - y2);
        page.stroke();
    }

    void dot(float x, float y, float radius) throws IOException {
        float handle = radius * 0.5523f;
        page.moveTo(x + radius, HEIGHT - y);
        page.curveTo(x + radius, HEIGHT - y + handle, x + handle, HEIGHT - y + radius, x, HEIGHT - y + radius);
        page.curveTo(x - handle, HEIGHT - y + radius, x - radius, HEIGHT - y + handle, x - radius, HEIGHT - y);
        page.curveTo(x - radius, HEIGHT - y - handle, x - handle, HEIGHT - y - radius, x, HEIGHT - y - radius);
        page.curveTo(x + handle, HEIGHT - y - radius, x + radius, HEIGHT - y - handle, x + radius, HEIGHT - y);
        page.fill();
    }

    /** A tie from one place to another that bends down for a positive depth. */
    void tie(float x1, float x2, float y, float depth) throws IOException {
        float in = (x2 - x1) * 0.25f;
        page.setLineWidth(0.9f);
        page.moveTo(x1, HEIGHT - y);
        page.curveTo(x1 + in, HEIGHT - y - depth, x2 - in, HEIGHT - y - depth, x2, HEIGHT - y);
        page.stroke();
    }

    void write(OutputStream out) throws IOException {
        if (page != null) {
            page.close();
            page = null;
        }
        document.save(out);
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
