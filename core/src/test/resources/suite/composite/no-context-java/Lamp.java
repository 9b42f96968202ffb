interface Lamp { int light(int hour); }
