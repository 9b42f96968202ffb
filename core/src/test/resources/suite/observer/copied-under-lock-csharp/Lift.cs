using System;
using System.Collections.Generic;
namespace Slopes {
    public record Stop(string Cabin, DateTime At);
    public sealed class Lift {
        private readonly Dictionary<string, List<Action<Stop>>> handlers = new();
        private readonly object gate = new();
        public IDisposable On(string topic, Action<Stop> handler) {
            lock (gate) {
                if (!handlers.TryGetValue(topic, out var list)) {
                    list = new List<Action<Stop>>();
                    handlers[topic] = list;
                }
                list.Add(handler);
            }
            return new Off(this, topic, handler);
        }
        public void Halt(string cabin) {
            var stop = new Stop(cabin, DateTime.UtcNow);
            Raise("halt", stop);
        }
        private void Raise(string topic, Stop stop) {
            List<Action<Stop>> copy;
            lock (gate) {
                if (!handlers.TryGetValue(topic, out var list)) return;
                copy = new List<Action<Stop>>(list);
            }
            foreach (var handler in copy) {
                try { handler(stop); } catch (Exception e) { Console.Error.WriteLine(e.Message); }
            }
        }
        private sealed class Off : IDisposable {
            private readonly Lift lift; private readonly string topic; private readonly Action<Stop> handler;
            public Off(Lift lift, string topic, Action<Stop> handler) { this.lift = lift; this.topic = topic; this.handler = handler; }
            public void Dispose() { lift.handlers[topic].Remove(handler); }
        }
    }
    public class Patrol {
        private int seen;
        public void Watch(Lift lift) { lift.On("halt", OnHalt); }
        private void OnHalt(Stop stop) { seen++; }
    }
}
