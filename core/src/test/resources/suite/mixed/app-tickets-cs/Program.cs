using System;
using Aldera.Tickets;

var store = new MemoryTicketStore();
var clock = new SystemClock();
var options = new TicketOptions();
using var cleaner = new Cleaner(store, clock, options);
var desk = new TicketDesk(store, clock, options);
await desk.SellAsync("Aldera - Mole", 12.5m);
Console.WriteLine(await desk.TakingsAsync("Aldera - Mole"));
