#include <string>

class Hull {
public:
    virtual ~Hull() = default;
};

class SteelHull : public Hull {
public:
    int rust = 3;
};

class WoodHull : public Hull {
public:
    int worms = 7;
};

class Surveyor {
public:
    int damage(const Hull* hull) const {
        if (auto steel = dynamic_cast<const SteelHull*>(hull)) {
            return steel->rust;
        }
        if (auto wood = dynamic_cast<const WoodHull*>(hull)) {
            return wood->worms * 2;
        }
        return 0;
    }

    std::string advice(const Hull& hull) const {
        if (dynamic_cast<const SteelHull*>(&hull) != nullptr) {
            return "paint";
        } else if (dynamic_cast<const WoodHull*>(&hull) != nullptr) {
            return "tar";
        }
        return "none";
    }
};

int main() {
    SteelHull hull;
    Surveyor surveyor;
    return surveyor.damage(&hull) + static_cast<int>(surveyor.advice(hull).size());
}
