package aldera;
class Ship { int dock() { return HarbourOffice.get().take(); } }
