#include <string>
#include <vector>
struct State { std::string berth; std::vector<std::string> stops; };
class Plan {
public:
  void move(const std::string& to);
  State save() const;
  void restore(const State& saved);
private:
  State state_;
};
class Log {
public:
  explicit Log(Plan& plan) : plan_(plan) {}
  void note();
  void undo();
private:
  Plan& plan_;
  std::vector<State> past_;
};
