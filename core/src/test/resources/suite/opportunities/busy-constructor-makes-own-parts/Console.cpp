#include <map>
#include <string>
#include <vector>

class Lever {
public:
    explicit Lever(int travel) : travel(travel) {}
    int move(int by) { return at = std::min(travel, at + by); }

private:
    int travel;
    int at = 0;
};

class ControlDesk {
public:
    ControlDesk(int levers, int travel) {
        for (int i = 0; i < levers; i++) {
            all.emplace_back(travel);
        }
        names["main"] = 0;
    }

    int push(const std::string& name, int by) { return all[names[name]].move(by); }

private:
    std::vector<Lever> all;
    std::map<std::string, int> names;
};

int main() {
    ControlDesk desk(2, 10);
    return desk.push("main", 3);
}
