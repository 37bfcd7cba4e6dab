package amberfence.format.musicxml;

import amberfence.format.UnreadableFileException;
import amberfence.words.Texts;
import jakarta.xml.bind.JAXBContext;
import jakarta.xml.bind.JAXBException;
import jakarta.xml.bind.Marshaller;
import jakarta.xml.bind.Unmarshaller;
import jakarta.xml.bind.UnmarshallerHandler;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.xml.XMLConstants;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.parsers.SAXParserFactory;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.ScoreTimewise;
import org.xml.sax.Attributes;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;
import org.xml.sax.XMLReader;
import org.xml.sax.ext.DefaultHandler2;
import org.xml.sax.helpers.XMLFilterImpl;

/** Scores as text. Nothing that a file names is opened: no document type is fetched, and no entity may be declared. */
final class ScoreXml {
    private static final int MOST_LEVELS = 200;
    private static final String HEAD = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"no\"?>\n<!DOCTYPE score-partwise PUBLIC "
            + "\"-//Recordare//DTD MusicXML 4.0 Partwise//EN\" \"http://www.musicxml.org/dtds/partwise.dtd\">\n";

    /** Made when it is first needed: the binding takes a while to be built. */
    private static final class Binding {
        private static final JAXBContext SCORES = context();

        private static JAXBContext context() {
            try {
                return JAXBContext.newInstance(ScorePartwise.class, ScoreTimewise.class);
            } catch (JAXBException e) {
                throw new IllegalStateException("the binding of MusicXML does not work", e);
            }
        }
    }

    private ScoreXml() {
    }

    static WrittenScore read(byte[] xml, String name) throws UnreadableFileException {
        try {
            Unmarshaller reading = Binding.SCORES.createUnmarshaller();
            // What the schema does not know is passed over.
            reading.setEventHandler(event -> true);
            UnmarshallerHandler target = reading.getUnmarshallerHandler();
            Guard guard = new Guard(reader());
            guard.setContentHandler(target);
            guard.parse(new InputSource(new ByteArrayInputStream(xml)));
            Object score = target.getResult();
            return score instanceof ScoreTimewise timewise ? WrittenScore.of(timewise) : WrittenScore.of((ScorePartwise) score);
        } catch (Refused e) {
            throw new UnreadableFileException(Texts.say("%s %s", name, e.getMessage()));
        } catch (SAXParseException e) {
            throw new UnreadableFileException(Texts.say("%s is no proper XML; it is wrong in line %s", name, e.getLineNumber()));
        } catch (SAXException | IOException e) {
            throw new UnreadableFileException(Texts.say("%s is no proper XML", name));
        } catch (JAXBException | ParserConfigurationException | IllegalStateException | IllegalArgumentException e) {
            throw new UnreadableFileException(Texts.say("%s is XML, but what stands in it is no score as MusicXML has them", name));
        }
    }

    private static XMLReader reader() throws ParserConfigurationException, SAXException {
        SAXParserFactory factory = SAXParserFactory.newDefaultInstance();
        factory.setNamespaceAware(true);
        factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
        factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
        factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        XMLReader reader = factory.newSAXParser().getXMLReader();
        reader.setProperty("http://xml.org/sax/properties/declaration-handler", new DefaultHandler2() {
            @Override
            public void internalEntityDecl(String entity, String value) throws SAXException {
                throw new Refused("declares an entity; scores need none, and such files are not read");
            }

            @Override
            public void externalEntityDecl(String entity, String publicId, String systemId) throws SAXException {
                internalEntityDecl(entity, systemId);
            }
        });
        return reader;
    }

    static byte[] write(ScorePartwise score) {
        try {
            Marshaller writing = Binding.SCORES.createMarshaller();
            writing.setProperty(Marshaller.JAXB_FRAGMENT, true);
            writing.setProperty(Marshaller.JAXB_FORMATTED_OUTPUT, true);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            bytes.writeBytes(HEAD.getBytes(StandardCharsets.UTF_8));
            writing.marshal(score, bytes);
            bytes.write('\n');
            return bytes.toByteArray();
        } catch (JAXBException e) {
            throw new IllegalStateException("a score could not be put into XML", e);
        }
    }

    /** What a file is refused for; goes on after the file's name. */
    private static final class Refused extends SAXException {
        private static final long serialVersionUID = 1L;

        private Refused(String message) {
            super(message);
        }
    }

    /** Looks at each element before it is read. */
    private static final class Guard extends XMLFilterImpl {
        private int level;

        private Guard(XMLReader parent) {
            super(parent);
        }

        @Override
        public InputSource resolveEntity(String publicId, String systemId) {
            return new InputSource(new ByteArrayInputStream(new byte[0]));
        }

        @Override
        public void startElement(String uri, String localName, String qName, Attributes attributes) throws SAXException {
            if (!uri.isEmpty()) {
                throw new Refused("is no MusicXML score: its elements are in the namespace “" + uri + "”, those of a score are in none");
            }
            if (level++ == 0 && !localName.equals("score-partwise") && !localName.equals("score-timewise")) {
                throw new Refused("is no MusicXML score: it begins with “" + localName + "” in place of score-partwise or score-timewise");
            }
            if (level > MOST_LEVELS) {
                throw new Refused("has more than " + MOST_LEVELS + " levels of elements");
            }
            super.startElement(uri, localName, qName, attributes);
        }

        @Override
        public void endElement(String uri, String localName, String qName) throws SAXException {
            level--;
            super.endElement(uri, localName, qName);
        }
    }
}
