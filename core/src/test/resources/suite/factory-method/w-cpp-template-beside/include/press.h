#pragma once
#include <memory>
#include <string>

class Sheet {
public:
    virtual ~Sheet() = default;
    virtual std::string fold() const = 0;
};

class Leaflet : public Sheet {
public:
    std::string fold() const override { return "once"; }
};

class Poster : public Sheet {
public:
    std::string fold() const override { return "never"; }
};

// The step that subclasses supply makes something.
class PressTemplate {
public:
    virtual ~PressTemplate() = default;
    std::string run(int copies);

protected:
    virtual std::unique_ptr<Sheet> feed() const = 0;
};

class LeafletPress : public PressTemplate {
protected:
    std::unique_ptr<Sheet> feed() const override { return std::make_unique<Leaflet>(); }
};

class PosterPress : public PressTemplate {
protected:
    std::unique_ptr<Sheet> feed() const override { return std::make_unique<Poster>(); }
};

// The steps that subclasses supply do something.
class BindingFactory {
public:
    virtual ~BindingFactory() = default;
    void bind();

private:
    virtual void stitch() = 0;
    virtual void cover() = 0;
};

class Paperback : public BindingFactory {
    void stitch() override { glue_ = 3; }
    void cover() override { glue_ += 1; }
    int glue_ = 0;
};

class Hardback : public BindingFactory {
    void stitch() override { threads_ = 8; }
    void cover() override { boards_ = 2; }
    int threads_ = 0;
    int boards_ = 0;
};
