#pragma once
#include <memory>
#include <string>
#include <vector>

class Number;
class Add;
class Negate;

class AstVisitor {
 public:
  virtual ~AstVisitor() = default;
  virtual void visit(const Number& number) = 0;
  virtual void visit(const Add& add) = 0;
};

class Ast {
 public:
  virtual ~Ast() = default;
  virtual void accept(AstVisitor& visitor) const = 0;
};

class Number : public Ast {
 public:
  explicit Number(int value) : value_(value) {}
  int value() const { return value_; }
  void accept(AstVisitor& visitor) const override { visitor.visit(*this); }

 private:
  int value_;
};

class Add : public Ast {
 public:
  Add(std::unique_ptr<Ast> left, std::unique_ptr<Ast> right) : left_(std::move(left)), right_(std::move(right)) {}
  const Ast& left() const { return *left_; }
  const Ast& right() const { return *right_; }
  void accept(AstVisitor& visitor) const override { visitor.visit(*this); }

 private:
  std::unique_ptr<Ast> left_;
  std::unique_ptr<Ast> right_;
};

class Negate : public Ast {
 public:
  explicit Negate(std::unique_ptr<Ast> inner) : inner_(std::move(inner)) {}
  void accept(AstVisitor& visitor) const override { inner_->accept(visitor); }

 private:
  std::unique_ptr<Ast> inner_;
};
