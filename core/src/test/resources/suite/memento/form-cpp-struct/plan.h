#include <stack>
#include <string>
class Plan {
public:
  struct State { std::string berth; int hour; };
  void move(const std::string& to) { state.berth = to; state.hour++; }
  State save() const { return state; }
  void restore(const State& s) { state = s; }
private:
  State state;
};
class Log {
public:
  void note(const Plan& plan) { past.push(plan.save()); }
  void undo(Plan& plan) {
    if (!past.empty()) { plan.restore(past.top()); past.pop(); }
  }
private:
  std::stack<Plan::State> past;
};
