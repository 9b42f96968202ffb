package dev.huella.core.drawing;

/** What a colour is for. A palette says which colour that is. */
public enum Ink {
    PAPER, SHEET, LINE, INK, SECOND, HINT, CLAY, TINT, MET, BROKEN, OPEN, NONE
}
