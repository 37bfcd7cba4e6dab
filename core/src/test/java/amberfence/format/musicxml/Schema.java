package amberfence.format.musicxml;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import javax.xml.XMLConstants;
import javax.xml.parsers.SAXParserFactory;
import javax.xml.transform.sax.SAXSource;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.SchemaFactory;
import javax.xml.validation.Validator;
import org.w3c.dom.bootstrap.DOMImplementationRegistry;
import org.w3c.dom.ls.DOMImplementationLS;
import org.w3c.dom.ls.LSInput;
import org.xml.sax.InputSource;
import org.xml.sax.SAXParseException;
import org.xml.sax.helpers.DefaultHandler;

/**
 * The schema of MusicXML 4.0 as it was published (W3C Music Notation Community Group, June 2021), out of the jar of the binding,
 * whose packager relaxed it in {@code note} and {@code metronome} only; the two schemas that it imports lie beside the tests.
 */
final class Schema {
    private static final javax.xml.validation.Schema SCHEMA = load();

    private Schema() {
    }

    private static javax.xml.validation.Schema load() {
        try {
            SchemaFactory factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
            DOMImplementationLS inputs = (DOMImplementationLS) DOMImplementationRegistry.newInstance().getDOMImplementation("LS");
            factory.setResourceResolver((type, namespace, publicId, systemId, base) -> {
                LSInput input = inputs.createLSInput();
                input.setSystemId(systemId);
                input.setByteStream(Schema.class.getResourceAsStream("/musicxml/" + systemId.substring(systemId.lastIndexOf('/') + 1)));
                return input;
            });
            return factory.newSchema(new StreamSource(Schema.class.getResourceAsStream("/META-INF/jaxb/xsd/musicxml.xsd")));
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    /** What is wrong with a file; nothing when it is valid. */
    static List<String> errors(byte[] xml) throws Exception {
        List<String> errors = new ArrayList<>();
        Validator validator = SCHEMA.newValidator();
        validator.setErrorHandler(new DefaultHandler() {
            @Override
            public void error(SAXParseException e) {
                errors.add(e.getLineNumber() + ": " + e.getMessage());
            }
        });
        SAXParserFactory parsers = SAXParserFactory.newInstance();
        parsers.setNamespaceAware(true);
        parsers.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        validator.validate(new SAXSource(parsers.newSAXParser().getXMLReader(), new InputSource(new ByteArrayInputStream(xml))));
        return errors;
    }
}
