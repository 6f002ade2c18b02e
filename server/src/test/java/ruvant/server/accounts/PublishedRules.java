package ruvant.server.accounts;

import java.io.InputStream;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.transform.Templates;
import javax.xml.transform.TransformerException;
import javax.xml.transform.stream.StreamResult;
import javax.xml.transform.stream.StreamSource;
import javax.xml.validation.Schema;
import javax.xml.validation.SchemaFactory;
import net.sf.saxon.TransformerFactoryImpl;
import org.w3c.dom.ls.LSInput;
import org.w3c.dom.ls.LSResourceResolver;
import org.xml.sax.SAXException;

/** The schemas of UBL 2.1 and the rules of EN 16931 as they were published, read from packages; nothing here was written by us. */
final class PublishedRules {
    private static final String SCHEMAS = "/external/schemas/ubl21/";
    private static final String RULES = "/external/schematron/1.3.13/ubl/EN16931-UBL-validation.xslt";
    private static final Map<String, String> BY_NAMESPACE = Map.of(
            "urn:un:unece:uncefact:data:specification:CoreComponentTypeSchemaModule:2",
            "/schemas/CCTS_CCT_SchemaModule.xsd",
            "http://www.w3.org/2000/09/xmldsig#",
            "/schemas/xmldsig-core-schema.xsd",
            "http://uri.etsi.org/01903/v1.3.2#",
            "/schemas/XAdES01903v132-201601.xsd",
            "http://uri.etsi.org/01903/v1.4.1#",
            "/schemas/XAdES01903v141-201601.xsd");
    private static final Pattern FAILED = Pattern.compile(
            "<svrl:failed-assert[^>]*?id=\"([^\"]*)\"[^>]*?>.*?<svrl:text>(.*?)</svrl:text>", Pattern.DOTALL);

    private final Schema invoice = schema("UBL-Invoice-2.1.xsd");
    private final Schema credit = schema("UBL-CreditNote-2.1.xsd");
    private final Templates rules = rules();

    private static InputStream resource(String path) {
        return Objects.requireNonNull(PublishedRules.class.getResourceAsStream(path), path);
    }

    private static Schema schema(String file) {
        try {
            SchemaFactory factory = SchemaFactory.newInstance(XMLConstants.W3C_XML_SCHEMA_NS_URI);
            factory.setResourceResolver(new FromPackages());
            StreamSource source = new StreamSource(resource(SCHEMAS + "maindoc/" + file));
            source.setSystemId("maindoc/" + file);
            return factory.newSchema(source);
        } catch (SAXException problem) {
            throw new IllegalStateException(problem);
        }
    }

    private static Templates rules() {
        try {
            return new TransformerFactoryImpl().newTemplates(new StreamSource(resource(RULES)));
        } catch (TransformerException problem) {
            throw new IllegalStateException(problem);
        }
    }

    /** What is wrong with a document; empty where it follows schema and rules. */
    List<String> broken(String document) {
        List<String> broken = new ArrayList<>();
        try {
            (document.contains("<CreditNote") ? credit : invoice)
                    .newValidator()
                    .validate(new StreamSource(new StringReader(document)));
        } catch (Exception problem) {
            broken.add("schema: " + problem.getMessage());
        }
        try {
            StringWriter report = new StringWriter();
            rules.newTransformer().transform(new StreamSource(new StringReader(document)), new StreamResult(report));
            Matcher failed = FAILED.matcher(report.toString());
            while (failed.find()) {
                broken.add(failed.group(1) + " " + failed.group(2).strip());
            }
            if (!report.toString().contains("svrl:fired-rule")) {
                broken.add("no rule looked at it");
            }
        } catch (TransformerException problem) {
            broken.add("rules: " + problem.getMessage());
        }
        return broken;
    }

    /** Finds what a schema imports in the packages, and nothing on any network. */
    private static final class FromPackages implements LSResourceResolver {
        @Override
        public LSInput resolveResource(
                String type, String namespace, String publicId, String systemId, String baseUri) {
            String known = namespace == null ? null : BY_NAMESPACE.get(namespace);
            if (known == null && (systemId == null || systemId.endsWith(".dtd"))) {
                return new Found(systemId, new java.io.ByteArrayInputStream(new byte[0]));
            }
            String path =
                    known != null ? known : SCHEMAS + "common/" + systemId.substring(systemId.lastIndexOf('/') + 1);
            return new Found("common/" + path.substring(path.lastIndexOf('/') + 1), resource(path));
        }
    }

    private record Found(String systemId, InputStream stream) implements LSInput {
        @Override
        public java.io.Reader getCharacterStream() {
            return null;
        }

        @Override
        public void setCharacterStream(java.io.Reader stream) {}

        @Override
        public InputStream getByteStream() {
            return stream;
        }

        @Override
        public void setByteStream(InputStream stream) {}

        @Override
        public String getStringData() {
            return null;
        }

        @Override
        public void setStringData(String data) {}

        @Override
        public String getSystemId() {
            return systemId;
        }

        @Override
        public void setSystemId(String id) {}

        @Override
        public String getPublicId() {
            return null;
        }

        @Override
        public void setPublicId(String id) {}

        @Override
        public String getBaseURI() {
            return null;
        }

        @Override
        public void setBaseURI(String uri) {}

        @Override
        public String getEncoding() {
            return null;
        }

        @Override
        public void setEncoding(String encoding) {}

        @Override
        public boolean getCertifiedText() {
            return false;
        }

        @Override
        public void setCertifiedText(boolean certified) {}
    }
}
