#pragma once
#include <iostream>
#include <memory>
#include <vector>
class Crate; class Barrel;
struct Visitor { virtual ~Visitor() = default; virtual void visit(const Crate& crate) = 0; virtual void visit(const Barrel& barrel) = 0; };
struct Good { virtual ~Good() = default; virtual void accept(Visitor& visitor) const = 0; };
class Crate : public Good { public: explicit Crate(int kg) : kg_(kg) {} int kg() const { return kg_; } void accept(Visitor& visitor) const override { visitor.visit(*this); } private: int kg_; };
class Barrel : public Good { public: explicit Barrel(int litres) : litres_(litres) {} int litres() const { return litres_; } void accept(Visitor& visitor) const override { visitor.visit(*this); } private: int litres_; };
class Hold { public: void load(std::unique_ptr<Good> good) { goods_.push_back(std::move(good)); } void inspect(Visitor& visitor) const { for (const auto& good : goods_) good->accept(visitor); } private: std::vector<std::unique_ptr<Good>> goods_; };
class Weigher : public Visitor { public: void visit(const Crate& crate) override { kg_ += crate.kg(); } void visit(const Barrel& barrel) override { kg_ += barrel.litres(); } int kg() const { return kg_; } private: int kg_ = 0; };
class Printer : public Visitor { public: void visit(const Crate& crate) override { std::cout << "crate " << crate.kg(); } void visit(const Barrel&) override { std::cout << "barrel"; } };
inline int weigh(const Hold& hold) { Weigher w; hold.inspect(w); Printer p; hold.inspect(p); return w.kg(); }
