#include <string>

class Lamp {
public:
    explicit Lamp(std::string place) : Lamp(place, 60) {}
    Lamp(std::string place, int watts) : Lamp(place, watts, 1) {}
    Lamp(std::string place, int watts, int sides) : Lamp(place, watts, sides, "white") {}
    Lamp(std::string place, int watts, int sides, std::string colour)
        : place(place), watts(watts), sides(sides), colour(colour) {}

    void dim() { watts /= 2; }
    int power() const { return watts * sides; }

private:
    std::string place;
    int watts;
    int sides;
    std::string colour;
};

int main() {
    Lamp mole("mole");
    Lamp head("head", 90, 2);
    mole.dim();
    return mole.power() + head.power();
}
