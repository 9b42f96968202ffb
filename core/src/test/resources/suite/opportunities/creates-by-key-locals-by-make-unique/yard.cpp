#include <memory>
#include <string>
#include <vector>

class Crane {
public:
    virtual ~Crane() = default;
    virtual int reach() const = 0;
};

class GantryCrane : public Crane {
public:
    int reach() const override { return 60; }
};

class JibCrane : public Crane {
public:
    int reach() const override { return 25; }
};

class Yard {
public:
    void equip(const std::string& plan) {
        std::unique_ptr<Crane> crane;
        if (plan == "gantry") {
            crane = std::make_unique<GantryCrane>();
        } else if (plan == "jib") {
            crane = std::make_unique<JibCrane>();
        } else {
            return;
        }
        longest = std::max(longest, crane->reach());
        cranes.push_back(std::move(crane));
    }

    int longestReach() const { return longest; }

private:
    std::vector<std::unique_ptr<Crane>> cranes;
    int longest = 0;
};

int main() {
    Yard yard;
    yard.equip("jib");
    return yard.longestReach();
}
