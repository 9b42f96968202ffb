class Quay {
    Load next() { return new Bale.Builder().marked(Load.Mark.COLD).tight().build(); }
}
