import { CountedGate, Gate, LoggedGate } from "./gate.js";
import { Director, LostDesk, TicketDesk } from "./complaints.js";

const gate = new LoggedGate(new CountedGate(new Gate()));
console.log(gate.open({ name: "Ana" }));

const first = new TicketDesk();
first.then(new LostDesk()).then(new Director());
console.log(first.hear({ about: "lost", days: 3 }));
