#pragma once
#include <memory>

class Vessel {
public:
    virtual ~Vessel() = default;
    virtual int crew() const = 0;
};

class Ferry : public Vessel {
public:
    int crew() const override { return 12; }
};

class Dredger : public Vessel {
public:
    int crew() const override { return 5; }
};

class Yard {
public:
    virtual ~Yard() = default;
    int launch() {
        auto vessel = build();
        launched_ += 1;
        return vessel->crew();
    }
protected:
    virtual std::unique_ptr<Vessel> build() = 0;
private:
    int launched_ = 0;
};

class FerryYard : public Yard {
protected:
    std::unique_ptr<Vessel> build() override { return std::make_unique<Ferry>(); }
};

class DredgerYard : public Yard {
protected:
    std::unique_ptr<Vessel> build() override { return std::make_unique<Dredger>(); }
};
