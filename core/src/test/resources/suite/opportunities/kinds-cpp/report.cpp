class Item { public: virtual ~Item() = default; };
class Crate : public Item { public: int kilos = 3; };
class Barrel : public Item { public: int litres = 9; };

class Report {
public:
    double weight(const Item* item) const {
        if (auto* crate = dynamic_cast<const Crate*>(item)) return crate->kilos;
        if (auto* barrel = dynamic_cast<const Barrel*>(item)) return barrel->litres * 0.9;
        return 0;
    }
    const char* label(const Item* item) const {
        if (dynamic_cast<const Crate*>(item)) return "crate";
        if (dynamic_cast<const Barrel*>(item)) return "barrel";
        return "?";
    }
};
