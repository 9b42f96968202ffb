#include <memory>
class Filter {
public:
    virtual ~Filter() = default;
    virtual int pass(int water) = 0;
};
class SandFilter : public Filter {
public:
    int pass(int water) override { return water - 1; }
};
class DoubleFilter : public Filter {
public:
    explicit DoubleFilter(std::unique_ptr<Filter> inner) : inner_(std::move(inner)) {}
    int pass(int water) override { return inner_->pass(inner_->pass(water)); }
private:
    std::unique_ptr<Filter> inner_;
};
class Plant {
public:
    int run() { return DoubleFilter(std::make_unique<SandFilter>()).pass(10); }
};
