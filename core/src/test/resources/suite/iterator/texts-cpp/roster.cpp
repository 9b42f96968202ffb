#include <iostream>
#include <string>
#include <vector>

class Cursor {
public:
    virtual ~Cursor() = default;
    virtual void first() = 0;
    virtual void next() = 0;
    virtual bool done() const = 0;
    virtual const std::string& current() const = 0;
};

class Roster {
public:
    void add(const std::string& name) { names.push_back(name); }
    Cursor* cursor() const;
    size_t size() const { return names.size(); }
    const std::string& at(size_t i) const { return names[i]; }

private:
    std::vector<std::string> names;
};

class RosterCursor : public Cursor {
public:
    explicit RosterCursor(const Roster* roster) : roster(roster) {}
    void first() override { index = 0; }
    void next() override { index++; }
    bool done() const override { return index >= roster->size(); }
    const std::string& current() const override { return roster->at(index); }

private:
    const Roster* roster;
    size_t index = 0;
};

Cursor* Roster::cursor() const {
    return new RosterCursor(this);
}

int main() {
    Roster roster;
    roster.add("Ana");
    Cursor* cursor = roster.cursor();
    for (cursor->first(); !cursor->done(); cursor->next()) {
        std::cout << cursor->current();
    }
    delete cursor;
}
