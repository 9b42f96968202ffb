package dev.huella.core.exchange.xmi;

import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes elements on lines of their own, indented. */
final class XmlOut {
    private final XMLStreamWriter out;
    private int depth;
    private boolean filled;

    XmlOut(XMLStreamWriter out) throws XMLStreamException {
        this.out = out;
        out.writeStartDocument("UTF-8", "1.0");
    }

    /** Begins an element; then names and values of attributes, one after the other. */
    void begin(String name, String... attributes) throws XMLStreamException {
        line();
        out.writeStartElement(name);
        depth++;
        filled = false;
        for (int i = 0; i < attributes.length; i += 2) {
            attribute(attributes[i], attributes[i + 1]);
        }
    }

    void attribute(String name, String value) throws XMLStreamException {
        out.writeAttribute(name, clean(value));
    }

    void namespace(String prefix, String uri) throws XMLStreamException {
        out.writeNamespace(prefix, uri);
    }

    /** An element with text only. */
    void leaf(String name, String text) throws XMLStreamException {
        line();
        out.writeStartElement(name);
        out.writeCharacters(clean(text));
        out.writeEndElement();
        filled = true;
    }

    void end() throws XMLStreamException {
        depth--;
        if (filled) {
            line();
        }
        out.writeEndElement();
        filled = true;
    }

    void finish() throws XMLStreamException {
        out.writeCharacters("\n");
        out.writeEndDocument();
    }

    private void line() throws XMLStreamException {
        out.writeCharacters("\n" + "  ".repeat(depth));
    }

    /** Without letters that XML cannot hold. */
    private static String clean(String text) {
        return text.codePoints()
                .filter(point -> point >= 0x20 && point < 0xD800 || point == 0x9 || point >= 0xE000 && point < 0xFFFE
                        || point >= 0x10000)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }
}
