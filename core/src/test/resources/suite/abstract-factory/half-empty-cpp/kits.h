#pragma once
#include <memory>

struct Rope { virtual ~Rope() = default; virtual int length() const = 0; };
struct Fender { virtual ~Fender() = default; virtual int size() const = 0; };

struct NylonRope : Rope { int length() const override { return 40; } };
struct HempRope : Rope { int length() const override { return 25; } };
struct BallFender : Fender { int size() const override { return 3; } };

class MooringKit {
public:
    virtual ~MooringKit() = default;
    virtual std::unique_ptr<Rope> rope() const = 0;
    virtual std::unique_ptr<Fender> fender() const = 0;
};

class YachtKit : public MooringKit {
public:
    std::unique_ptr<Rope> rope() const override { return std::make_unique<NylonRope>(); }
    std::unique_ptr<Fender> fender() const override { return std::make_unique<BallFender>(); }
};

class BargeKit : public MooringKit {
public:
    std::unique_ptr<Rope> rope() const override { return std::make_unique<HempRope>(); }
    std::unique_ptr<Fender> fender() const override { return nullptr; }
};
