#include <memory>
class Figurehead {
public:
    virtual ~Figurehead() = default;
    virtual std::unique_ptr<Figurehead> clone() const = 0;
};
class Lion : public Figurehead {
public:
    explicit Lion(int teeth) : teeth_(teeth) {}
    std::unique_ptr<Figurehead> clone() const override { return std::make_unique<Lion>(*this); }
private:
    int teeth_;
};
class Mermaid : public Figurehead {
public:
    explicit Mermaid(int scales) : scales_(scales) {}
    std::unique_ptr<Figurehead> clone() const override { return std::make_unique<Mermaid>(scales_); }
private:
    int scales_;
};
class Carver {
public:
    std::unique_ptr<Figurehead> again(const Figurehead& f) { return f.clone(); }
};
