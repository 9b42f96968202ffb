#pragma once
#include <memory>
#include <vector>
#include <string>

class Part {
public:
    virtual ~Part() = default;
    virtual double weight() const = 0;
    virtual void add(std::shared_ptr<Part> part) = 0;
};

class Bolt : public Part {
public:
    explicit Bolt(double grams) : grams_(grams) {}
    double weight() const override { return grams_; }
    void add(std::shared_ptr<Part>) override {}
private:
    double grams_;
};

class Plate : public Part {
public:
    explicit Plate(double grams) : grams_(grams) {}
    double weight() const override { return grams_; }
    void add(std::shared_ptr<Part>) override {}
private:
    double grams_;
};

class Assembly : public Part {
public:
    explicit Assembly(std::string name) : name_(std::move(name)) {}
    double weight() const override;
    void add(std::shared_ptr<Part> part) override { parts_.push_back(std::move(part)); }
private:
    std::string name_;
    std::vector<std::shared_ptr<Part>> parts_;
};
