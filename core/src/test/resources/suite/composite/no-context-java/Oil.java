class Oil implements Lamp { public int light(int hour) { return hour * 2; } }
