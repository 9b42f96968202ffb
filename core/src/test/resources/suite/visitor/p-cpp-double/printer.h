#pragma once
#include "ast.h"

class Printer : public AstVisitor {
 public:
  void visit(const Number& number) override { text_ += std::to_string(number.value()); }
  void visit(const Add& add) override {
    add.left().accept(*this);
    text_ += "+";
    add.right().accept(*this);
  }
  const std::string& text() const { return text_; }

 private:
  std::string text_;
};

class Summer : public AstVisitor {
 public:
  void visit(const Number& number) override { sum_ += number.value(); }
  void visit(const Add& add) override {
    add.left().accept(*this);
    add.right().accept(*this);
  }
  int sum() const { return sum_; }

 private:
  int sum_ = 0;
};
