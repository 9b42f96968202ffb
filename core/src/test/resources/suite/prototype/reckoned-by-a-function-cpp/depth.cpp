int turned(int metres) { return metres < 0 ? -metres : metres; }

class Depth {
public:
    explicit Depth(int metres) : metres_(metres) {}
    Depth plain() const { return Depth(turned(metres_)); }
private:
    int metres_;
};

class Chart {
public:
    Depth show(const Depth& depth) { return depth.plain(); }
};
