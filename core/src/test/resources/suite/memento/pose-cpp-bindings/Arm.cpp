#include <vector>
#include <stack>
#include <memory>
#include <optional>
struct Pose { const int reach; const int height; };
class Arm {
    int reach = 0; int height = 0;
public:
    void lift(int by) { height += by; }
    void stretch(int by) { reach += by; }
    Pose save() const { return Pose{reach, height}; }
    void restore(const Pose& pose) { auto [r, h] = pose; reach = r; height = h; }
};
class Logbook {
    std::vector<Pose> poses;
public:
    void note(const Arm& arm) { poses.emplace_back(arm.save()); }
    void back(Arm& arm) { arm.restore(poses.back()); poses.pop_back(); }
};
