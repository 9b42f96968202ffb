template <typename Kind>
class Counted {
public:
    static int alive() { return count; }

protected:
    Counted() { ++count; }
    ~Counted() { --count; }

private:
    inline static int count = 0;
};

class Buoy : public Counted<Buoy> {
public:
    void light() { lit = true; }

private:
    bool lit = false;
};

class Crane : public Counted<Crane> {
public:
    void lift(int metres) { height += metres; }

private:
    int height = 0;
};
