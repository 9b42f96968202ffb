package dev.huella.core.exchange.xmi;

/** Names that writer and reader share: those of XMI 2.5.1 and UML 2.5.1, and words in comments for what UML lacks. */
final class Xmi {
    static final String XMI = "http://www.omg.org/spec/XMI/20131001";
    static final String UML = "http://www.omg.org/spec/UML/20161101";
    static final String UMLDI = "http://www.omg.org/spec/UML/20161101/UMLDI";
    static final String DC = "http://www.omg.org/spec/DD/20131001/DC";
    static final String STANDARD = "http://www.omg.org/spec/UML/20161101/StandardProfile";
    /** Package for types that the sources only name. */
    static final String OUTSIDE = "outside the sources";
    /** Package for types of attributes and parameters as they are written. */
    static final String WRITTEN = "types as written";
    /** Begins a comment that says what a classifier was declared as. */
    static final String DECLARED_AS = "declared as ";

    private Xmi() {}
}
