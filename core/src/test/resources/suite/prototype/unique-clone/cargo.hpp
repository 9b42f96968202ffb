#pragma once
#include <map>
#include <memory>
#include <string>

class Cargo {
public:
    virtual ~Cargo() = default;
    virtual std::unique_ptr<Cargo> clone() const = 0;
    virtual double tons() const = 0;
};

class Grain : public Cargo {
public:
    Grain(double tons, bool bagged) : tons_(tons), bagged_(bagged) {}
    std::unique_ptr<Cargo> clone() const override { return std::make_unique<Grain>(*this); }
    double tons() const override { return bagged_ ? tons_ * 1.02 : tons_; }

private:
    double tons_;
    bool bagged_;
};

class Timber : public Cargo {
public:
    explicit Timber(double metres) : metres_(metres) {}
    std::unique_ptr<Cargo> clone() const override { return std::make_unique<Timber>(*this); }
    double tons() const override { return metres_ * 0.6; }

private:
    double metres_;
};

class CargoTray {
public:
    void keep(const std::string& name, std::unique_ptr<Cargo> c) { samples_[name] = std::move(c); }
    std::unique_ptr<Cargo> another(const std::string& name) const { return samples_.at(name)->clone(); }

private:
    std::map<std::string, std::unique_ptr<Cargo>> samples_;
};
