class Lamp { void on() {} void off() {} int watts; void dim() { watts--; } }
interface Press { void run(); }
class On implements Press { final Lamp l; On(Lamp l) { this.l = l; } public void run() { l.dim(); } }
class Off implements Press { final Lamp l; Off(Lamp l) { this.l = l; } public void run() { l.dim(); } }
class Button { private Press press; void wire(Press p) { press = p; } void push() { press.run(); } }
