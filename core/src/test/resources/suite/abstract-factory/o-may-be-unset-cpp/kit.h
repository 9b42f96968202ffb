#pragma once
#include <memory>
#include <string>

class Sail {
public:
    virtual ~Sail() = default;
    virtual int area() const = 0;
};

class Mast {
public:
    virtual ~Mast() = default;
    virtual int height() const = 0;
};

class RaceSail : public Sail {
public:
    int area() const override { return 60; }
};

class CruiseSail : public Sail {
public:
    int area() const override { return 40; }
};

class RaceMast : public Mast {
public:
    int height() const override { return 18; }
};

class CruiseMast : public Mast {
public:
    int height() const override { return 12; }
};

class Rig {
public:
    virtual ~Rig() = default;
    virtual std::unique_ptr<Sail> sail() const = 0;
    virtual std::unique_ptr<Mast> mast() const = 0;
};

class RaceRig : public Rig {
public:
    std::unique_ptr<Sail> sail() const override { return std::make_unique<RaceSail>(); }
    std::unique_ptr<Mast> mast() const override { return std::make_unique<RaceMast>(); }
};

class CruiseRig : public Rig {
public:
    std::unique_ptr<Sail> sail() const override { return std::make_unique<CruiseSail>(); }
    std::unique_ptr<Mast> mast() const override { return std::make_unique<CruiseMast>(); }
};

class Yard {
public:
    void use(const Rig* rig) { rig_ = rig; }

    int fit() const {
        auto sail = rig_->sail();
        auto mast = rig_->mast();
        return sail->area() + mast->height();
    }

private:
    const Rig* rig_ = nullptr;
};
