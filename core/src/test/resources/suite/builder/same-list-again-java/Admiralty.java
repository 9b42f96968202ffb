package aldera;

class Admiralty {
    Convoy winter() {
        return new ConvoyBuilder().named("winter").ship("Ines").ship("Vera").flag("blue").build();
    }

    Convoy summer() {
        return new Convoy("summer", java.util.List.of("Ines"), "none");
    }
}
