class Number;
class Sum;
class TermVisitor {
public:
    virtual ~TermVisitor() = default;
    virtual void number(Number& n) = 0;
    virtual void sum(Sum& s) = 0;
};
class Term {
public:
    virtual ~Term() = default;
    virtual void accept(TermVisitor& v) = 0;
};
class Number : public Term {
public:
    void accept(TermVisitor& v) override { v.number(*this); }
    int value = 3;
};
class Sum : public Term {
public:
    void accept(TermVisitor& v) override { v.sum(*this); }
    int count = 2;
};
class Printer : public TermVisitor {
public:
    void number(Number& n) override { printed_ += n.value; }
    void sum(Sum& s) override { printed_ += s.count; }
private:
    int printed_ = 0;
};
class Page {
public:
    void show(Term& t) { Printer p; t.accept(p); }
};
