package aldera;

public enum Weather {
    CALM, BREEZE, STORM
}
