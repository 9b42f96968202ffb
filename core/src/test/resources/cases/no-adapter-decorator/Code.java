interface Voice { String say(); int loud(); }
class Plain implements Voice { public String say() { return "hm"; } public int loud() { return 1; } }
class Echo implements Voice { final Voice v; Echo(Voice v) { this.v = v; } public String say() { return v.say() + v.say(); } public int loud() { return v.loud() + 1; } }
class Stage { String play(Voice v) { return v.say(); } }
