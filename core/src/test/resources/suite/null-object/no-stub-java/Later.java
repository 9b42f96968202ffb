interface Plan { void carry(); }
class Now implements Plan { private int n; public void carry() { n++; } }
class Later implements Plan { public void carry() { throw new UnsupportedOperationException("not yet"); } }
class Chief { void go() { Plan p = new Later(); p.carry(); new Now().carry(); } }
