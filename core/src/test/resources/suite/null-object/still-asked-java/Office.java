package aldera;

class Office {
    Harbour quiet() {
        Harbour harbour = new Harbour();
        harbour.engage(new NoPilot());
        return harbour;
    }

    Harbour busy() {
        Harbour harbour = new Harbour();
        harbour.engage(new SeaPilot());
        return harbour;
    }
}
