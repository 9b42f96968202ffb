#include <string>

enum class Aspect { Stop, Slow, Go };

class SignalMast {
public:
    std::string colour() const {
        switch (aspect) {
            case Aspect::Stop: return "red";
            case Aspect::Slow: return "yellow";
            default: return "green";
        }
    }

    int speed() const {
        if (aspect == Aspect::Stop) return 0;
        if (aspect == Aspect::Slow) return 4;
        return 9;
    }

    void set(Aspect next) { aspect = next; }

private:
    Aspect aspect = Aspect::Stop;
};

int main() {
    SignalMast mast;
    mast.set(Aspect::Slow);
    return mast.speed() + static_cast<int>(mast.colour().size());
}
